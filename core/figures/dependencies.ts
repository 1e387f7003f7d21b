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

/** All that yardsticks, the conditions of colour rules and standouts are found from. */
export function dependenciesOf({
  yardsticks,
  colourRules,
  standouts,
}: WithDependencies): Dependency[] {
  const conditions = colourRules.map(({ condition }) => condition);
  return foundWithin([yardsticks, conditions, standouts]);
}

/** Whatever the kind: an edge, a condition or a yardstick names the series that it is found from. */
function foundWithin(part: unknown): Dependency[] {
  if (typeof part !== 'object' || part === null) return [];
  const own = 'series' in part && typeof part.series === 'string' ? [part as Dependency] : [];
  return [...own, ...Object.values(part).flatMap(foundWithin)];
}

/** The series of which a statistic looks at all periods there are, rather than those shown. */
export const seriesOverAllPeriods = (chart: WithDependencies): string[] => [
  ...new Set(
    dependenciesOf(chart).flatMap(({ series, scope }) => (scope?.periods === 'all' ? series : [])),
  ),
];

/** Whether a statistic looks past what readers filter for themselves. */
export const looksPastReaders = (chart: WithDependencies): boolean =>
  dependenciesOf(chart).some(({ scope }) => scope?.unfiltered);
