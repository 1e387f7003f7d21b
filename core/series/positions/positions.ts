import type { AxisKind, Position } from '../../arrangements';
import type { Day } from '../../calendar';
import type { DrawnChart } from '../../chart';
import type { SeriesFrame, SeriesFrames } from '../../figures';
import type { PeriodStyle } from '../../labels';

/** What positions are laid out from. */
export interface PositionsContext {
  chart: DrawnChart;
  /** the figures that are drawn, in the order of their series */
  drawn: readonly DrawnFrame[];
  today: Day;
  style?: PeriodStyle;
}

/** The figures of a series that is drawn. */
export interface DrawnFrame {
  actual: boolean;
  frame: SeriesFrame;
}

/** One kind of what stands along an axis: how its positions are laid out. */
export interface PositionsKind {
  axis: AxisKind;
  lay: (context: PositionsContext) => Position[];
  /** a line leads on over positions at which it has no row: they are no gap */
  skipsOthers: boolean;
}

/** The figures of the series that a chart draws. */
export const drawnFrames = (chart: DrawnChart, frames: SeriesFrames): DrawnFrame[] =>
  chart.series.flatMap(({ id, role, hidden }) => {
    const frame = frames[id];
    return frame?.extent && !hidden ? [{ actual: role === 'actual', frame }] : [];
  });

/** Where some series has a figure, each place once, ascending. */
export function placesWithFigures(drawn: readonly DrawnFrame[]): number[] {
  const found = new Set<number>();
  for (const { frame } of drawn)
    frame.periods.forEach((start, at) => {
      if (frame.values.some((figures) => figures[at] != null)) found.add(start);
    });
  return [...found].sort((a, b) => a - b);
}

/** The day up to which the actuals are complete: that of the source which has got furthest. */
export function completeTo(drawn: readonly DrawnFrame[]): Day {
  const days = drawn.flatMap(({ actual, frame }) => (actual ? (frame.completeTo ?? []) : []));
  return days.length === 0 ? Infinity : Math.max(...days);
}
