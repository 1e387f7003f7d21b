import type { AxisKind, Line, Position } from '../arrangements';
import type { Day } from '../calendar';
import type { DialValues } from '../dials';
import type { Figures } from '../values';

/** The lines of a panel and the positions they stand on: what a yardstick is found from. */
export interface YardstickContext {
  axis: AxisKind;
  positions: readonly Position[];
  lines: readonly (Line & { seriesName: string })[];
  today: Day;
  /** the month that begins a year, 1 to 12 */
  yearStart: number;
  /** where the dials of the chart stand */
  dials: DialValues;
}

/** The finished figures shown of a series, all its lines together; open ones count as missing. */
export function finishedOf(context: YardstickContext, series: string): Figures {
  const known = found.get(context) ?? new Map<string, Figures>();
  found.set(context, known);
  const held = known.get(series);
  if (held) return held;
  const finished: (number | null)[] = [];
  for (const { seriesId, figures, open } of context.lines)
    if (seriesId === series)
      for (let place = 0; place < figures.length; place += 1)
        finished.push(open[place] ? null : (figures[place] ?? null));
  known.set(series, finished);
  return finished;
}

/** What was gathered of a panel, for all of its yardsticks. */
const found = new WeakMap<YardstickContext, Map<string, Figures>>();

/** What a series is called, where there is one. */
export const nameOf = ({ lines }: YardstickContext, series: string) =>
  lines.find(({ seriesId }) => seriesId === series)?.seriesName ?? 'a series that is gone';

/** Over what a statistic was found, as "of Fares over 22 finished figures shown". */
export function sayScope(context: YardstickContext, series: string): string {
  const found = finishedOf(context, series).filter((figure) => figure !== null).length;
  return `of ${nameOf(context, series)} over ${found} finished figures shown`;
}
