import { type DialValue, dialValues } from '../dials';
import { filterKind } from '../frame';
import type { ChartDefinition, ChartFilter } from '../chart';

type Dialled = Pick<ChartDefinition, 'filters' | 'dials'>;

/**
 * Puts where dials stand in place of what the filters that they turn are set to.
 * @param turned where a reader has turned dials to, by their names
 */
export function withDialledFilters<Chart extends Dialled>(
  chart: Chart,
  turned: Readonly<Record<string, DialValue>> = {},
): Chart {
  if (chart.filters.every(({ dial }) => dial === undefined)) return chart;
  const values = dialValues(chart.dials, turned);
  const filters = chart.filters.flatMap((each): ChartFilter[] => {
    const value = each.dial === undefined ? undefined : values.get(each.dial);
    // A dial that is gone leaves the filter as it was set.
    if (value === undefined) return [each];
    const filter = filterKind(each.filter).turned(each.filter, value);
    return filter ? [{ ...each, filter }] : [];
  });
  return { ...chart, filters };
}

/**
 * Whether a reader has turned a dial that turns a filter.
 * @param turned where the reader has turned dials to, by their names
 */
export const turnsFilters = (
  { filters, dials }: Dialled,
  turned: Readonly<Record<string, DialValue>>,
): boolean =>
  dials.some(({ id, name }) => name in turned && filters.some(({ dial }) => dial === id));

/** A chart whose filters stand as its author has left their dials, wherever readers turn them to. */
export function withFiltersAsSet<Chart extends Dialled>(chart: Chart): Chart {
  const set = withDialledFilters(chart);
  return { ...set, filters: set.filters.map(({ dial: _turnedBy, ...filter }) => filter) };
}
