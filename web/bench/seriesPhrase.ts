import type { ChartDefinition, SeriesDefinition } from '../../core/chart';

/** What a phrase of a series' sentence works on. */
export interface SeriesPhraseProps {
  chart: ChartDefinition;
  series: SeriesDefinition;
  onChange: (more: Partial<SeriesDefinition>) => void;
}
