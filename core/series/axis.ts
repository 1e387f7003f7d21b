import {
  type Day,
  type Grain,
  nextPeriod,
  parseDay,
  periodsBetween,
  periodStart,
} from '../calendar';
import type { ChartDefinition } from '../chart';
import type { Frame } from '../frame';

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

/**
 * The periods a chart shows, without gaps: from its first to its last figure, within its span.
 * @param actuals the frames of the actual series, which say how far the figures run
 */
export function dateAxis(
  chart: ChartDefinition,
  frames: readonly Frame[],
  actuals: readonly Frame[],
  today: Day,
): AxisPeriod[] {
  const { grain, span } = chart;
  const starts = frames.flatMap((frame) => [frame.periods[0], frame.periods.at(-1)]);
  const known = starts.filter((start) => start !== undefined);
  if (known.length === 0) return [];
  const from = Math.max(Math.min(...known), dayOr(span.from, -Infinity));
  const to = Math.min(Math.max(...known), dayOr(span.to, Infinity));
  const unfinished = unfinishedPeriod(actuals, grain);
  return periodsBetween(from, to, grain, mostPeriods).map((start) => {
    const next = nextPeriod(start, grain);
    const open = start === unfinished || next > today;
    return { start, next, middle: (start + next) / 2, open };
  });
}

const dayOr = (text: string | null, otherwise: number) =>
  text === null ? otherwise : (parseDay(text) ?? otherwise);

/** The period of the last actual day, when that day is not the period's last. */
function unfinishedPeriod(actuals: readonly Frame[], grain: Grain): Day | null {
  const daily = actuals.filter((frame) => frame.recordedGrain === 'day' && frame.lastDay !== null);
  if (daily.length === 0) return null;
  const last = Math.max(...daily.map((frame) => frame.lastDay as Day));
  const start = periodStart(last, grain);
  return last < nextPeriod(start, grain) - 1 ? start : null;
}
