import type { AxisKind, Line, Position } from '../arrangements';
import type { Day } from '../calendar';
import type { DialValues } from '../dials';

/** A finished figure of a period that is not shown. */
export interface Unshown {
  start: Day;
  figure: number;
}

/** A line as yardsticks know it. */
export interface YardstickLine extends Line {
  seriesName: string;
  /** its finished figures in periods that are not shown; missing: nothing looks at them */
  unshown?: readonly Unshown[];
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

/** What a series is called, where there is one. */
export const nameOf = ({ lines }: YardstickContext, series: string) =>
  lines.find(({ seriesId }) => seriesId === series)?.seriesName ?? 'a series that is gone';
