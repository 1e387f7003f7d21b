import { type ChartDefinition } from '../chart';
import { conditionKinds } from '../conditions';
import { draftRule, draftStandout } from '../editing';
import type { Names } from '../sentences';
import { pickKinds } from '../standouts';
import { heldAs, type YardstickDefinition, yardstickKinds } from '../yardsticks';
import { namesWith } from './printChart';
import { anyLine, type Typed } from './typedLine';

/** Lines that can be added to a chart, by what somebody wants of them. */
export interface Suggested {
  group: string;
  lines: string[];
}

/** What a suggestion is made about. */
interface About {
  /** a value in the middle of the axis */
  level: number;
  /** today, written 2026-11-23 */
  today: string;
}

/** What can be added to a chart, each as the line that adds it. */
export function suggestedLines(
  chart: ChartDefinition,
  around: Names,
  { level, today }: About,
): Suggested[] {
  const series = (chart.series.find(({ hidden }) => !hidden) ?? chart.series[0])?.id;
  if (series === undefined) return [];
  const other = chart.series.find(({ id }) => id !== series)?.id ?? series;
  const names = namesWith(chart, around);
  // What a series stands against is another one.
  const others = (names.series ?? []).filter(({ id }) => id !== series);
  const about = { names: { ...names, series: others }, level, today };
  const print = (typed: Typed) => anyLine.print(typed, names);
  const yardsticks = yardstickKinds
    .filter(({ ofTwo }) => !ofTwo || other !== series)
    .flatMap(({ drafts }) => drafts)
    .map(
      ({ draft }) => ({ ...draft({ series, other, level, today }), id: '' }) as YardstickDefinition,
    );
  const say = (all: readonly YardstickDefinition[]) =>
    all.map((value) => print({ of: 'yardstickAlone', value }));
  const rules = conditionKinds
    .filter(({ byMark }) => !byMark || chart.series[0]?.mark)
    .map(({ sentence }) => sentence.draft(about))
    .filter((condition) => isWhole(condition));
  return [
    { group: 'To read against', lines: say(yardsticks.filter((each) => heldAs(each))) },
    { group: 'Dates', lines: say(yardsticks.filter((each) => !heldAs(each))) },
    {
      group: 'A colour where',
      lines: rules.map((condition) =>
        print({ of: 'colourRule', value: draftRule('', series, condition, 'brick') }),
      ),
    },
    {
      group: 'Points',
      lines: pickKinds
        .map(({ sentence }) => sentence.draft(about))
        .map((pick) => print({ of: 'standout', value: draftStandout('', series, pick) })),
    },
  ].filter(({ lines }) => lines.length > 0);
}

/** Whether a condition has all that it speaks of: a chart may hold nothing of that yet. */
const isWhole = (condition: object): boolean =>
  Object.values(condition).every(
    (value: unknown) => value !== '' && !(Array.isArray(value) && value.length === 0),
  );
