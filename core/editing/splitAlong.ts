import type { ChartDefinition } from '../chart';
import { sourceOfFigures } from '../origins';

/** A source as far as its columns are known. */
interface Columns {
  id: string | number;
  columns?: readonly { id: string | number }[];
}

/**
 * A chart in which what a split series is held against is split along with it, where its source has the
 * column: so each line is held against its own. Where it has none, the reading says so.
 * @param seriesId of the series that is split
 * @param sources with their columns
 */
export function splitAlong(
  chart: ChartDefinition,
  seriesId: string,
  sources: readonly Columns[],
): ChartDefinition {
  const { split = null, mark = null } = chart.series.find(({ id }) => id === seriesId) ?? {};
  const held = chart.series.find(({ id }) => id === mark?.against);
  // A ranking of what it is held against would be another one.
  if (!split || split.top || !held || held.split) return chart;
  const source = sources.find(({ id }) => id === sourceOfFigures(held.figures));
  if (!source?.columns?.some(({ id }) => id === split.column)) return chart;
  const { column, order, coloured } = split;
  const along = { column, order, coloured, colourBy: null, top: null };
  return {
    ...chart,
    series: chart.series.map((each) => (each === held ? { ...each, split: along } : each)),
  };
}
