import type { ChartDefinition, SeriesDefinition } from '../../core/chart';
import { originKind, rowsOf, sourceOfFigures } from '../../core/origins';

/** What a phrase of a series' sentence works on. */
export interface SeriesPhraseProps {
  chart: ChartDefinition;
  series: SeriesDefinition;
  onChange: (more: Partial<SeriesDefinition>) => void;
}

/** What cannot be said of a series as it is, or is set elsewhere, by its path. */
export function notSaid({ figures, split, derived }: SeriesDefinition): (path: string) => boolean {
  const drawnFromRows = sourceOfFigures(figures) !== null;
  const not: Record<string, boolean> = {
    split: originKind(figures).lines !== undefined,
    evenly: rowsOf(figures) === null,
    fixed: !drawnFromRows,
    readings: !drawnFromRows || split !== null || derived !== null,
    hidden: true,
    'stroke.colour': split !== null,
    'stroke.place': true,
  };
  return (path) => not[path] ?? false;
}
