import type { AxisKind, Line, Position } from '../arrangements';
import type { Day } from '../calendar';
import type { Figures } from '../values';

/** The lines of a panel and the positions they stand on: what a yardstick is found from. */
export interface YardstickContext {
  axis: AxisKind;
  positions: readonly Position[];
  lines: readonly (Line & { seriesName: string })[];
  today: Day;
}

/** The finished figures shown of a series, all its lines together; open ones count as missing. */
export function finishedOf({ lines }: YardstickContext, series: string): Figures {
  return lines
    .filter(({ seriesId }) => seriesId === series)
    .flatMap(({ figures, open }) => figures.map((figure, place) => (open[place] ? null : figure)));
}

/** What a series is called, where there is one. */
export const nameOf = ({ lines }: YardstickContext, series: string) =>
  lines.find(({ seriesId }) => seriesId === series)?.seriesName ?? 'a series that is gone';

/** Over what a statistic was found, as "of Fares over 22 finished figures shown". */
export function sayScope(context: YardstickContext, series: string): string {
  const found = finishedOf(context, series).filter((figure) => figure !== null).length;
  return `of ${nameOf(context, series)} over ${found} finished figures shown`;
}
