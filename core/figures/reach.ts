import { type Day, formatDay, type Grain, nextPeriod } from '../calendar';
import type { DatesFilter } from '../frame';
import { axisColumn, isOfPeriods } from '../axis';
import { type ChartDefinition, type Reach, reachOf } from '../chart';

type Drawn = Pick<ChartDefinition, 'axis' | 'grain' | 'span' | 'yearStart'>;

/** The grain by which figures are gathered: single days where no periods are drawn. */
export const drawnGrain = ({ axis, grain }: Pick<Drawn, 'axis' | 'grain'>): Grain =>
  isOfPeriods(axis) ? grain : 'day';

/** The periods or days that a chart shows at most, by their first days; all there is along a column. */
export function shownReach(chart: Drawn, today: Day, lastActual: Day | null = null): Reach {
  if (axisColumn(chart.axis)) return { from: null, to: null };
  return spannedReach(chart, today, lastActual);
}

/** Along a column, the chart's span says which rows are counted at all. */
export function spanFilter(chart: Drawn, date: string, today: Day): DatesFilter | null {
  if (!axisColumn(chart.axis) || date === '') return null;
  const { from, to } = spannedReach(chart, today);
  if (from === null && to === null) return null;
  const written = (day: Day | null) => (day === null ? null : formatDay(day));
  return { kind: 'dates', column: date, from: written(from), to: written(to) };
}

/**
 * A span is reckoned in the chart's grain and reaches to the end of its last period; dates that were
 * set are the very days where no periods are drawn.
 * @param drawn what of a chart tells its periods
 * @param today in the dashboard's zone
 * @param lastActual the first day of the last finished period with an actual figure
 */
export function spannedReach(
  { axis, grain, span, yearStart }: Drawn,
  today: Day,
  lastActual: Day | null = null,
): Reach {
  const unit = !isOfPeriods(axis) && span.kind === 'fixed' ? 'day' : grain;
  const { from, to } = reachOf(span, { today, grain: unit, yearStart, lastActual });
  return { from, to: isOfPeriods(axis) || to === null ? to : nextPeriod(to, unit) - 1 };
}
