import type { Position } from '../arrangements';
import { yearOf } from '../calendar';
import type { DrawnChart, StandoutDefinition } from '../chart';
import { testCondition } from '../conditions';
import { writeFigure } from '../labels';
import { type Candidate, pickKind, pickOut } from '../standouts';
import type { YardstickContext } from '../yardsticks';
import { namesFor, type ConditionsOf } from './conditions';
import type { ReadSeries, ReadStandout } from './reading';
import { poolOf } from './standoutPool';
import { sayApart } from './words';

type Chart = Pick<DrawnChart, 'standouts' | 'yearStart' | 'series' | 'yardsticks' | 'dials'>;

/** A point as one standout picks it. */
interface Found extends Candidate {
  standout: StandoutDefinition;
  series: ReadSeries;
}

/**
 * Picks points out of the finished periods of a panel, all lines of a series in it together unless told
 * otherwise. A point that several pick stands out once.
 */
export function readStandouts(
  chart: Chart,
  series: readonly ReadSeries[],
  positions: readonly Position[],
  { conditionsOf, context }: { conditionsOf: ConditionsOf; context: YardstickContext },
): ReadStandout[] {
  const pools = new Map<string, ReturnType<typeof poolOf>>();
  const poolFor = (standout: StandoutDefinition) => {
    const key = JSON.stringify([standout.series, standout.scope]);
    const pool = pools.get(key) ?? poolOf(chart, standout, { series, positions, context });
    pools.set(key, pool);
    return pool;
  };
  const found = chart.standouts.flatMap((standout): Found[] => {
    const pool = poolFor(standout);
    const { pick } = standout;
    const tests = pool.drawn.map((line) =>
      line && pick.kind === 'meeting' ? testCondition(pick.condition, conditionsOf(line)) : null,
    );
    const picked = pickOut(
      {
        ...pool,
        yearAt: (place) => yearOf(pool.startAt(place), chart.yearStart),
        meets: (line, place) => tests[line]?.at(place) === true,
      },
      standout,
    );
    return picked.flatMap((each) => {
      const shown = pool.shownAt(each);
      return shown ? [{ ...each, standout, series: shown.series, place: shown.place }] : [];
    });
  });
  const points = new Map<string, Found[]>();
  for (const each of found) {
    const key = `${each.series.id} ${each.place}`;
    points.set(key, [...(points.get(key) ?? []), each]);
  }
  return [...points.values()].map((all) => asOne(chart, all, positions));
}

/** A point with all that picked it: one marker, and one label that names them. */
function asOne(chart: Chart, all: readonly Found[], positions: readonly Position[]): ReadStandout {
  const [{ series, place, figure }] = all as [Found];
  const labelled = all.filter(({ standout }) => standout.label.length > 0);
  const [first = all[0] as Found] = labelled;
  const by = all.map(({ standout: { id, pick, series: of } }) => ({
    id,
    kind: pick.kind,
    called: pickKind(pick).say(pick, namesFor(chart, of)),
  }));
  const parts = new Set(all.flatMap(({ standout }) => standout.label));
  const colours = all.flatMap(({ standout }) => standout.colour ?? []);
  return {
    by,
    figure,
    period: place,
    series: series.id,
    second: series.second,
    extreme: all.some(({ standout }) => pickKind(standout.pick).extreme),
    label: writeFigure(figure, series.format),
    valued: parts.has('value'),
    colour: colours[0] ?? null,
    side: first.standout.side ?? pickKind(first.standout.pick).side ?? 'above',
    more: [
      ...(labelled.length > 1 ? [[...new Set(by.map(({ called }) => called))].join(', ')] : []),
      ...sayMore(parts, series, positions[place], place),
    ].join(', '),
  };
}

/** What else is written beside the figure. */
function sayMore(
  parts: ReadonlySet<string>,
  { name, comparison, format }: ReadSeries,
  position: Position | undefined,
  place: number,
): string[] {
  const difference = comparison?.differences[place] ?? null;
  return [
    parts.has('name') ? name : '',
    parts.has('date') ? (position?.label ?? '') : '',
    parts.has('difference') && comparison && difference !== null
      ? sayApart(difference, comparison, format)
      : '',
  ].filter(Boolean);
}
