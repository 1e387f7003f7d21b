import type { AxisKind, Line, Position } from '../arrangements';
import type { Day } from '../calendar';
import type { DialValues } from '../dials';
import type { Figures } from '../values';
import { finishedWithin, plainScope, sayPeriods, type Scope } from './scope';

/** The lines of a panel and the positions they stand on: what a yardstick is found from. */
export interface YardstickContext {
  axis: AxisKind;
  positions: readonly Position[];
  lines: readonly (Line & { seriesName: string })[];
  /** those of all panels; missing: there is one panel only */
  allLines?: readonly (Line & { seriesName: string })[];
  today: Day;
  /** the month that begins a year, 1 to 12 */
  yearStart: number;
  /** where the dials of the chart stand */
  dials: DialValues;
}

/** The finished figures of a series within a scope; gathered once a panel. */
export function finishedOf(
  context: YardstickContext,
  series: string,
  scope: Scope = plainScope,
): Figures {
  const known = found.get(context) ?? new Map<string, Figures>();
  found.set(context, known);
  const key = `${scope.periods} ${scope.count} ${scope.per} ${series}`;
  const held = known.get(key);
  if (held) return held;
  const finished = finishedWithin(context, series, scope);
  known.set(key, finished);
  return finished;
}

/** What was gathered of a panel, for all of its yardsticks. */
const found = new WeakMap<YardstickContext, Map<string, Figures>>();

/** What a series is called, where there is one. */
export const nameOf = ({ lines }: YardstickContext, series: string) =>
  lines.find(({ seriesId }) => seriesId === series)?.seriesName ?? 'a series that is gone';

/** Over what a statistic was found, as "of Fares over 22 finished figures shown". */
export function sayScope(context: YardstickContext, series: string, scope = plainScope): string {
  const found = finishedOf(context, series, scope).filter((figure) => figure !== null).length;
  return `of ${nameOf(context, series)} ${sayPeriods(scope, found)}`;
}
