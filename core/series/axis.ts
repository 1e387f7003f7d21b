import type { Position } from '../arrangements';
import { type Day, nextPeriod, periodsBetween } from '../calendar';
import type { DrawnChart, SeriesFrame, SeriesFrames } from '../chart';
import { type PeriodStyle, writePeriod } from '../labels';

/** More periods than this cannot be told apart on any screen. */
export const mostPeriods = 4000;

/** The periods a chart shows, without gaps: from its first to its last figure, within its span. */
export function dateAxis(
  chart: DrawnChart,
  frames: SeriesFrames,
  today: Day,
  style?: PeriodStyle,
): Position[] {
  const { grain } = chart;
  const drawn = chart.series.flatMap((series) => {
    const frame = frames[series.id];
    return frame?.extent && !series.hidden ? [{ series, frame }] : [];
  });
  if (drawn.length === 0) return [];
  const from = Math.min(...drawn.map(({ frame }) => frame.extent?.from ?? Infinity));
  const to = Math.max(...drawn.map(({ frame }) => frame.extent?.to ?? -Infinity));
  const actuals = drawn.filter(({ series }) => series.role === 'actual');
  const complete = completeTo(actuals.map(({ frame }) => frame));
  return periodsBetween(from, to, grain, mostPeriods).map((start) => {
    const next = nextPeriod(start, grain);
    const open = next > today || next - 1 > complete;
    return {
      start,
      next,
      middle: (start + next) / 2,
      open,
      label: writePeriod(start, grain, style),
    };
  });
}

/** The day up to which the actuals are complete: that of the source which has got furthest. */
function completeTo(actuals: readonly SeriesFrame[]): Day {
  const days = actuals.flatMap(({ completeTo: day }) => (day === null ? [] : [day]));
  return days.length === 0 ? Infinity : Math.max(...days);
}
