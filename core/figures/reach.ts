import { type Day, formatDay, type Grain, nextPeriod } from '../calendar';
import type { AlongColumn, DatesFilter } from '../frame';
import type { AlongDefinition } from '../chart';
import type { ChartDefinition } from '../chart';
import { type Reach, reachOf } from '../chart';

type Drawn = Pick<ChartDefinition, 'along' | 'grain' | 'span' | 'yearStart'>;

/** The grain by which figures are gathered: single days where no periods are drawn. */
export const drawnGrain = ({ along, grain }: Pick<Drawn, 'along' | 'grain'>): Grain =>
  along.kind === 'periods' ? grain : 'day';

/** The column along which a chart stands; null for dates. */
export const alongColumn = (along: AlongDefinition): AlongColumn | null =>
  'column' in along ? { column: along.column, of: along.kind } : null;

/** The periods or days that a chart shows at most, by their first days; all there is along a column. */
export function shownReach(chart: Drawn, today: Day, lastActual: Day | null = null): Reach {
  if (alongColumn(chart.along)) return { from: null, to: null };
  return spannedReach(chart, today, lastActual);
}

/** Along a column, the chart's span says which rows are counted at all. */
export function spanFilter(chart: Drawn, date: string, today: Day): DatesFilter | null {
  if (!alongColumn(chart.along)) return null;
  const { from, to } = spannedReach(chart, today);
  if (from === null && to === null) return null;
  const written = (day: Day | null) => (day === null ? null : formatDay(day));
  return { kind: 'dates', column: date, from: written(from), to: written(to) };
}

/**
 * A span is reckoned in the chart's grain and reaches to the end of its last period; dates that were
 * set are the very days where no periods are drawn.
 */
export function spannedReach(
  { along, grain, span, yearStart }: Drawn,
  today: Day,
  lastActual: Day | null = null,
): Reach {
  const unit = along.kind !== 'periods' && span.kind === 'fixed' ? 'day' : grain;
  const { from, to } = reachOf(span, { today, grain: unit, yearStart, lastActual });
  return { from, to: along.kind === 'periods' || to === null ? to : nextPeriod(to, unit) - 1 };
}
