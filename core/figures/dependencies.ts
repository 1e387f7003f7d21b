import type { Scope } from '../yardsticks';
import type { ChartDefinition } from '../chart';

/** What of a chart is found from the figures of series. */
export type WithDependencies = Pick<ChartDefinition, 'yardsticks' | 'colourRules' | 'standouts'>;

/** A series that something is found from, and over which of its figures. */
interface Dependency {
  series: string;
  /** missing: its figures as they are shown */
  scope?: Scope;
}

/** All that yardsticks, the conditions of colour rules and those of standouts are found from. */
export function dependenciesOf({
  yardsticks,
  colourRules,
  standouts,
}: WithDependencies): Dependency[] {
  const conditions = colourRules.map(({ condition }) => condition);
  const picks = standouts.map(({ pick }) => pick);
  return foundWithin([yardsticks, conditions, picks]);
}

/** Whatever the kind: an edge, a condition or a yardstick names the series that it is found from. */
function foundWithin(part: unknown): Dependency[] {
  if (typeof part !== 'object' || part === null) return [];
  const own = 'series' in part && typeof part.series === 'string' ? [part as Dependency] : [];
  return [...own, ...Object.values(part).flatMap(foundWithin)];
}

/** The same, and standouts themselves: they look at their own series, and ask for no other to be sent. */
const scopedOf = (chart: WithDependencies): Dependency[] => [
  ...dependenciesOf(chart),
  ...chart.standouts,
];

/** The series of which a statistic or a standout looks at all periods there are, rather than those shown. */
export const seriesOverAllPeriods = (chart: WithDependencies): string[] => [
  ...new Set(
    scopedOf(chart).flatMap(({ series, scope }) => (scope?.periods === 'all' ? series : [])),
  ),
];

/** Whether a statistic or a standout looks past what readers filter for themselves. */
export const looksPastReaders = (chart: WithDependencies): boolean =>
  scopedOf(chart).some(({ scope }) => scope?.unfiltered);
