import { type Day, type Grain, nextPeriod, periodsBetween, periodStart } from '../calendar';
import { type DrawnChart, isDrawn, type SeriesFrame, type SeriesFrames } from '../chart';

/** One period of the date axis. */
export interface AxisPeriod {
  start: Day;
  /** the first day after it */
  next: Day;
  /** where its figures stand */
  middle: number;
  /** not over yet: its figures are not judged */
  open: boolean;
}

/** More periods than this cannot be told apart on any screen. */
export const mostPeriods = 4000;

/** The periods a chart shows, without gaps: from its first to its last figure, within its span. */
export function dateAxis(chart: DrawnChart, frames: SeriesFrames, today: Day): AxisPeriod[] {
  const { grain } = chart;
  const drawn = chart.series.flatMap((series) => {
    const frame = frames[series.id];
    return frame?.extent && isDrawn(chart, series, frame) ? [{ series, frame }] : [];
  });
  if (drawn.length === 0) return [];
  const from = Math.min(...drawn.map(({ frame }) => frame.extent?.from ?? Infinity));
  const to = Math.max(...drawn.map(({ frame }) => frame.extent?.to ?? -Infinity));
  const actuals = drawn.filter(({ series }) => series.role === 'actual');
  const unfinished = unfinishedPeriod(
    actuals.map(({ frame }) => frame),
    grain,
  );
  return periodsBetween(from, to, grain, mostPeriods).map((start) => {
    const next = nextPeriod(start, grain);
    const open = start === unfinished || next > today;
    return { start, next, middle: (start + next) / 2, open };
  });
}

/** The period of the last actual day, when that day is not the period's last. */
function unfinishedPeriod(actuals: readonly SeriesFrame[], grain: Grain): Day | null {
  const daily = actuals.filter((frame) => frame.recordedGrain === 'day' && frame.lastDay !== null);
  if (daily.length === 0) return null;
  const last = Math.max(...daily.map((frame) => frame.lastDay as Day));
  const start = periodStart(last, grain);
  return last < nextPeriod(start, grain) - 1 ? start : null;
}
