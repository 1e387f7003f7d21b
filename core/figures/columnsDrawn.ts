import { columnsAsked } from '../frame';
import type { ChartDefinition } from '../chart';
import { measureOf } from '../origins';
import { frameRequest } from './requests';

/** A source, as far as it must be known to tell whether a chart can be drawn from it. */
export interface AlikeSource {
  id: number;
  name: string;
  columns: readonly { name: string }[];
  measures: readonly { id: number; name: string }[];
}

/** What of one source a chart draws. */
interface Drawn {
  columns: Set<string>;
  measures: Set<number>;
}

/** What a chart draws of each of its sources, by their ids. */
function drawnOf(chart: ChartDefinition): Map<number, Drawn> {
  const found = new Map<number, Drawn>();
  const of = (source: number) => {
    const known = found.get(source) ?? { columns: new Set(), measures: new Set() };
    found.set(source, known);
    return known;
  };
  for (const series of chart.series) {
    // Filters of the chart hold where a source has their column: they ask for none.
    const request = frameRequest(chart, series, 0, []);
    const measure = measureOf(series.figures);
    if (request) columnsAsked(request).forEach((name) => of(request.sourceId).columns.add(name));
    if (measure?.measureId != null) of(measure.sourceId).measures.add(measure.measureId);
  }
  return found;
}

/**
 * From which other sources a chart can draw the same: those that have every column and, by its name,
 * every measure that it draws of one of its own.
 * @param sources all that there are to draw from, its own among them
 */
export function sourcesAlike(
  chart: ChartDefinition,
  sources: readonly AlikeSource[],
): { from: number; to: number; name: string }[] {
  return [...drawnOf(chart)].flatMap(([from, { columns, measures }]) => {
    const own = sources.find(({ id }) => id === from);
    const named = own?.measures.filter(({ id }) => measures.has(id)).map(({ name }) => name) ?? [];
    if (!own || named.length < measures.size) return [];
    return sources
      .filter(
        (each) =>
          each.id !== from &&
          [...columns].every(
            (name) => name === '' || each.columns.some((column) => column.name === name),
          ) &&
          named.every((name) => each.measures.some((measure) => measure.name === name)),
      )
      .map(({ id, name }) => ({ from, to: id, name }));
  });
}
