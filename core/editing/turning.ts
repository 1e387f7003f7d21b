import type { ChartDefinition } from '../chart';
import { dialAt } from '../dials';
import { filterKind } from '../frame';
import { freshId } from './draft';

/**
 * A chart with a dial more, by which readers turn one of its filters: it stands where the filter is set.
 * @param place of the filter among those of the chart
 * @param words of its column, where that has any
 */
export function withFilterTurned(
  chart: ChartDefinition,
  place: number,
  words: readonly string[],
): ChartDefinition {
  const turned = chart.filters[place];
  if (!turned) return chart;
  const { dial: kind, stands } = filterKind(turned.filter);
  const ids = chart.dials.map(({ id }) => id);
  const dial = dialAt(
    kind,
    { id: freshId('dial', ids), name: turned.filter.column },
    stands(turned.filter),
    words,
  );
  const filters = chart.filters.map((each) =>
    each === turned ? { ...each, dial: dial.id } : each,
  );
  return { ...chart, dials: [...chart.dials, dial], filters };
}
