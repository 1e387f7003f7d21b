import { lazy, mixed, object, string } from 'yup';
import { type Day, formatDay, type Grain, nextPeriod } from '../calendar';
import type { AlongColumn, DatesFilter } from '../frame';
import { list } from '../values';
import type { ChartDefinition } from './definition';
import { type Reach, reachOf } from './spans';

/**
 * What stands along a chart's axis: the periods of its grain, the dates as they were recorded, or the
 * figures or words of a column.
 */
export type AlongDefinition =
  | { kind: 'periods' }
  | { kind: 'recorded' }
  | { kind: 'numbers'; column: string }
  | {
      kind: 'words';
      column: string;
      /** the words in the order in which they stand; later words follow in their natural one */
      order: string[];
    };

const plain = object({
  kind: mixed<'periods' | 'recorded'>().oneOf(['periods', 'recorded']).required(),
});
const numbers = object({
  kind: mixed<'numbers'>().oneOf(['numbers']).required(),
  column: string().required().max(200),
});
const words = object({
  kind: mixed<'words'>().oneOf(['words']).required(),
  column: string().required().max(200),
  order: list(string().defined().max(500), 200).required().default([]),
});

export const alongSchema = lazy(
  (value: AlongDefinition | undefined) =>
    ({ periods: plain, recorded: plain, numbers, words })[value?.kind ?? 'periods'] ?? plain,
);

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
