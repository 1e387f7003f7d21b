import { rowsOf } from '../../core/origins';
import type { ChangedMeaning, EarlierChange } from '../../contract';
import { withoutSlots } from '../../core/labels';
import { aggregateKind } from '../../core/frame';
import { type ChartDefinition } from '../../core/chart';
import { expandChart } from '../../core/figures';
import type { Measure } from '../../core/measures';

interface Drawing {
  id: number;
  dashboardId: number;
  title: string;
  definition: ChartDefinition;
}

/** Words are named up to here. */
const mostNamed = 20;

/**
 * What a delivery makes another thing of: lines that come to add up words which they did not have, and
 * those whose figures of earlier periods change.
 * @param measures those of the source, which charts may draw
 */
export function changedMeanings(
  charts: readonly Drawing[],
  sourceId: number,
  { words, sums }: EarlierChange,
  measures: readonly Measure[],
): ChangedMeaning[] {
  return charts.flatMap(({ id, dashboardId, title, definition }) =>
    expandChart(definition, { measures }).series.flatMap(({ id: series, name, figures, split }) => {
      const rows = rowsOf(figures);
      if (rows?.sourceId !== sourceId) return [];
      const filtered = new Set(
        [...rows.filters, ...definition.filters.map(({ filter }) => filter)].map(
          ({ column }) => column,
        ),
      );
      const line = { chartId: id, dashboardId, title: withoutSlots(title), series, name };
      const gained = words
        .filter(({ column }) => column !== split?.column && !filtered.has(column))
        .map(({ column, fresh, before }): ChangedMeaning => ({
          ...line,
          column,
          words: fresh.slice(0, mostNamed),
          count: fresh.length,
          before: before.length <= mostNamed ? before : [],
          sum: null,
        }));
      const sum = aggregateKind(rows.aggregate).additive
        ? sums.find(({ date, column }) => date === rows.date && column === rows.column)
        : undefined;
      const changed: ChangedMeaning[] =
        sum && filtered.size === 0
          ? [{ ...line, column: sum.column, words: [], count: 0, before: [], sum }]
          : [];
      return [...gained, ...changed];
    }),
  );
}
