import isEqual from 'fast-deep-equal';
import type { ChartDefinition } from '../chart';
import { type ConditionDefinition, conditionKinds } from '../conditions';
import { draftRule, draftStandout } from '../editing';
import type { About } from '../sentences';
import { pickKinds } from '../standouts';
import { heldAs, suggestedOf, type YardstickDefinition, yardstickKinds } from '../yardsticks';
import type { Typed } from './typedLine';

/** What can be added to a chart, by what somebody wants of it. */
export interface Suggested {
  group: 'To read against' | 'Dates' | 'A colour where' | 'Points';
  all: Typed[];
}

/**
 * What can be added to a chart.
 * @param about the names of what it holds, a value in the middle of its axis, and today
 */
export function suggestions(chart: ChartDefinition, about: About): Suggested[] {
  const drawn = chart.series.filter(({ hidden }) => !hidden);
  const [first = chart.series[0], ...others] = drawn;
  if (!first) return [];
  const rest = others.length > 0 ? others : chart.series.filter((each) => each !== first);
  const named = [first, ...rest].map(({ id, name }) => ({ id, name }));
  const aboutAll = { ...about, names: { ...about.names, series: named } };
  const yardsticks = yardstickKinds.flatMap((kind) => suggestedOf(kind, aboutAll)).filter(isWhole);
  const said = (all: readonly YardstickDefinition[]): Typed[] =>
    all.map((value) => ({ of: 'yardstickAlone', value }));
  const groups: Suggested[] = [
    { group: 'To read against', all: said(yardsticks.filter((each) => heldAs(each))) },
    { group: 'Dates', all: said(yardsticks.filter((each) => !heldAs(each))) },
    { group: 'A colour where', all: rulesOf(chart, first.id, aboutAll) },
    {
      group: 'Points',
      all: drawn.flatMap(({ id }) =>
        pickKinds
          .map(({ sentence }) => sentence.draft(aboutAll))
          .map((pick): Typed => ({ of: 'standout', value: draftStandout('', id, pick) })),
      ),
    },
  ];
  return groups.filter(({ all }) => all.length > 0);
}

const off = { kind: 'mark', is: 'off' } as const;

/** Rules by the marks that series have, and of one series by every other condition. */
function rulesOf({ series }: ChartDefinition, first: string, about: About): Typed[] {
  // What a series stands against is another one.
  const others = (about.names.series ?? []).filter(({ id }) => id !== first);
  const besides = { ...about, names: { ...about.names, series: others } };
  const rule = (of: string, condition: ConditionDefinition, colour: 'brick' | 'indigo'): Typed => ({
    of: 'colourRule',
    value: draftRule('', of, condition, colour),
  });
  const byMark = series.flatMap(({ id, mark }) =>
    mark ? [rule(id, off, 'brick'), rule(id, { ...off, is: 'on' }, 'indigo')] : [],
  );
  const held = byMark.length > 0;
  const rest = conditionKinds
    .filter(({ byMark: against }) => held || !against)
    .map(({ sentence }) => sentence.draft(besides))
    .filter((condition) => isWhole(condition) && !isEqual(condition, off));
  return [...byMark, ...rest.map((condition) => rule(first, condition, 'brick'))];
}

/** Whether something has all that it speaks of: a chart may hold nothing of that yet. */
const isWhole = (said: object): boolean =>
  Object.values(said).every(
    (value: unknown) => value !== '' && !(Array.isArray(value) && value.length === 0),
  );
