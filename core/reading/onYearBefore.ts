import { periodStart, yearBefore } from '../calendar';
import { isPercentage, writeChange, writeShare } from '../labels';
import { difference } from '../values';
import type { Reading, ReadSeries } from './reading';

/**
 * How a line's figure changed on the same period of the year before, as in "+2.1%": percentages in
 * points, and by the difference itself where there is no share of zero. Empty where nothing is
 * compared so: either figure is missing, its period is open, or the axis has no periods of the calendar.
 * @param period the place along the axis, from 0
 */
export function sayOnYearBefore(
  { axis, unit, grain, positions }: Pick<Reading, 'axis' | 'unit' | 'grain' | 'positions'>,
  { figures, open, days, history, exact, format }: ReadSeries,
  period: number,
): string {
  if (unit !== grain || (axis !== 'calendar' && axis !== 'year')) return '';
  const middle = days ? days[period] : positions[period]?.middle;
  const figure = figures[period] ?? null;
  if (typeof middle !== 'number' || figure === null || open[period]) return '';
  const counterpart = yearBefore(periodStart(Math.floor(middle), grain), grain);
  const place = counterpart === null ? -1 : placeIn(history.starts, counterpart);
  const before = history.figures[place] ?? null;
  if (before === null) return '';
  const change = difference(figure, before, exact);
  return before === 0 || isPercentage(format)
    ? writeChange(change, null, format)
    : writeShare(change, before);
}

/** The place of a day in a list that ascends; -1 where it is not in it. */
function placeIn(starts: readonly number[], day: number): number {
  let [from, to] = [0, starts.length - 1];
  while (from <= to) {
    const middle = (from + to) >> 1;
    const at = starts[middle] as number;
    if (at === day) return middle;
    if (at < day) from = middle + 1;
    else to = middle - 1;
  }
  return -1;
}
