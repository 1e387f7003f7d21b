import type { ChartDefinition, SeriesDefinition } from '../chart';
import { rowsOf } from '../origins';
import { draftSeries, freshId, nextPlace, withMark } from './draft';
import { draftRole, type DraftSource } from './draftColumns';

/**
 * A chart with a column of a source drawn as the budget, or the target, that a series is held against.
 * @param main the series that is held against it
 * @param column of figures, taken as the series' own are
 */
export function withBudget(
  chart: ChartDefinition,
  main: SeriesDefinition,
  source: DraftSource,
  column: string,
): ChartDefinition {
  const id = freshId(
    'budget',
    chart.series.map((each) => each.id),
  );
  const drafted = draftSeries(source, id, 'budget');
  const figures = rowsOf(drafted.figures);
  if (!figures) return chart;
  const own = rowsOf(main.figures) ?? figures;
  const taken = own.aggregate === 'count' || own.aggregate === 'distinct' ? 'sum' : own.aggregate;
  const date = source.id === own.sourceId ? own.date : figures.date;
  const budget = {
    ...drafted,
    name: column,
    role: draftRole(column, 'budget'),
    figures: { ...figures, kind: 'rows' as const, date, column, aggregate: taken },
    stroke: { ...drafted.stroke, place: nextPlace(chart) },
  };
  const drawn = { ...chart, series: [...chart.series, budget] };
  return withMark(drawn, main.id, { against: id, good: 'atLeast' });
}
