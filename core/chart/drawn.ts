import { filterKind } from '../frame';
import type { ChartFilter } from './chartFilters';
import type { ChartDefinition, DrawnChart } from './definition';
import { withReadingsBands } from './readingsBands';
import { dialsAsked } from './requests';

/** What the filters of a chart keep, in words; empty without any. */
export const sayFilters = (filters: readonly ChartFilter[]): string =>
  filters.map(({ filter }) => filterKind(filter).say(filter)).join(' and ');

/** What of a chart is known to those who only read it: no name of a source's column. */
export function drawnChart(definition: ChartDefinition): DrawnChart {
  const { filters, yardsticks, ...chart } = withReadingsBands(definition);
  return {
    ...chart,
    yardsticks: yardsticks.map((each) =>
      each.kind === 'recorded' ? { ...each, sourceId: null, date: '', label: '' } : each,
    ),
    dialsAsked: dialsAsked(definition),
    filtered: sayFilters(filters.filter(({ dial }) => dial === undefined)),
    dialled: filters.flatMap(({ dial }) => dial ?? []),
    series: chart.series.map(({ figures: _figures, derived: _derived, split, ...series }) => ({
      ...series,
      split: split && {},
    })),
  };
}
