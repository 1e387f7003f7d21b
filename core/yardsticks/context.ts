import type { AxisKind, Line, Position } from '../arrangements';
import type { Day } from '../calendar';
import type { DialValues } from '../dials';
import { finishedWithin, plainScope, sayPeriods, type Scope } from './scope';

/** A line as yardsticks know it. */
export interface YardstickLine extends Line {
  seriesName: string;
  /** its finished figures in periods that are not shown; missing: nothing looks at them */
  beyond?: readonly number[];
}

/** The lines of a panel and the positions they stand on: what a yardstick is found from. */
export interface YardstickContext {
  axis: AxisKind;
  positions: readonly Position[];
  lines: readonly YardstickLine[];
  /** those of all panels; missing: there is one panel only */
  allLines?: readonly YardstickLine[];
  today: Day;
  /** the month that begins a year, 1 to 12 */
  yearStart: number;
  /** where the dials of the chart stand */
  dials: DialValues;
  /** the dates that yardsticks take from sources; missing: none do */
  recorded?: RecordedDates;
  /** the panel without what a reader filters; missing: they filter nothing, or nothing looks at it */
  unfiltered?: Pick<YardstickContext, 'positions' | 'lines' | 'allLines'>;
}

/** The dates that yardsticks take from sources, by the id of the yardstick. */
export type RecordedDates = Readonly<Record<string, readonly { day: Day; name: string }[]>>;

/** The finished figures of a series within a scope; gathered once for the same lines. */
export function finishedOf(
  context: YardstickContext,
  series: string,
  scope: Scope = plainScope,
): readonly number[] {
  const { unfiltered, ...shown } = context;
  if (scope.unfiltered && unfiltered) return finishedOf({ ...shown, ...unfiltered }, series, scope);
  const known = gatheredOf(context);
  const key = `${scope.periods} ${scope.count} ${scope.per} ${series}`;
  const held = known.get(key);
  if (held) return held;
  const finished = finishedWithin(context, series, scope);
  known.set(key, finished);
  return finished;
}

/** What was gathered of the lines of a panel; nothing yet when anything that scopes look at is new. */
function gatheredOf(context: YardstickContext): Map<string, readonly number[]> {
  const last = gathered.get(context.lines);
  if (last && scopesSeeSame(last.context, context)) return last.known;
  const known = new Map<string, readonly number[]>();
  gathered.set(context.lines, { context, known });
  return known;
}

const gathered = new WeakMap<
  YardstickContext['lines'],
  { context: YardstickContext; known: Map<string, readonly number[]> }
>();

const scopesSeeSame = (one: YardstickContext, two: YardstickContext) =>
  one.allLines === two.allLines &&
  one.positions === two.positions &&
  one.today === two.today &&
  one.yearStart === two.yearStart;

/** What a series is called, where there is one. */
export const nameOf = ({ lines }: YardstickContext, series: string) =>
  lines.find(({ seriesId }) => seriesId === series)?.seriesName ?? 'a series that is gone';

/** Over what a statistic was found, as "of Fares over 22 finished figures shown". */
export function sayScope(context: YardstickContext, series: string, scope = plainScope): string {
  const found = finishedOf(context, series, scope).length;
  return `of ${nameOf(context, series)} ${sayPeriods(scope, found)}`;
}
