import type { ChartDefinition, SeriesDefinition } from '../chart';
import { type RowsAsked, rowsOf } from '../origins';
import { draftSeries, freshId, nextPlace, withChanged } from './draft';
import { draftRole, type DraftSource } from './draftColumns';
import { withoutPart } from './hanging';

/** A column of a source whose words name what the rows hold, as in a sheet of names and values. */
export interface NamedRows {
  source: DraftSource;
  column: string;
}

/** More different words than these are no names of lines that one ticks. */
const mostNames = 60;

/** The columns of a source whose words can become series, row by row. */
export const namingColumns = ({ columns }: DraftSource): string[] =>
  columns
    .filter(({ kind, distinct }) => kind === 'text' && (distinct ?? Infinity) <= mostNames)
    .map(({ name }) => name);

/** The series that draws the rows of one name alone; undefined where none does. */
export const seriesOfRow = (
  chart: Pick<ChartDefinition, 'series'>,
  { source, column }: NamedRows,
  word: string,
): SeriesDefinition | undefined =>
  chart.series.find(({ figures }) => {
    const rows = rowsOf(figures);
    const only = rows?.filters.length === 1 ? rows.filters[0] : undefined;
    return (
      rows?.sourceId === source.id &&
      only?.kind === 'words' &&
      only.column === column &&
      only.keep &&
      only.words.length === 1 &&
      only.words[0] === word
    );
  });

/** The series that draws all rows of a source as one line: the first name that is ticked takes it over. */
export const seriesOfAll = (
  { series }: Pick<ChartDefinition, 'series'>,
  { source }: Pick<NamedRows, 'source'>,
): SeriesDefinition | undefined =>
  series.find(({ figures, split }) => {
    const rows = rowsOf(figures);
    return rows?.sourceId === source.id && rows.filters.length === 0 && split === null;
  });

/**
 * A chart with the rows of a name as a series of its own, or without it. The line that drew all rows
 * becomes the first that is asked for, and keeps its look.
 * @param word the name
 * @param drawn whether it is to be a series
 */
export function withRow(
  chart: ChartDefinition,
  named: NamedRows,
  word: string,
  drawn: boolean,
): ChartDefinition {
  const own = seriesOfRow(chart, named, word);
  if (!drawn) return own ? withoutPart(chart, { of: 'series', id: own.id }) : chart;
  if (own) return chart;
  const filters: RowsAsked['filters'] = [
    { kind: 'words', column: named.column, words: [word], keep: true },
  ];
  const all = seriesOfAll(chart, named);
  const allRows = all && rowsOf(all.figures);
  if (all && allRows)
    return withChanged(chart, all.id, {
      name: word,
      figures: { ...allRows, kind: 'rows', filters },
    });
  const ids = chart.series.map(({ id }) => id);
  const drafted = draftSeries(named.source, freshId('series', ids), 'actual');
  const like = chart.series.flatMap(({ figures }) => rowsOf(figures) ?? []);
  const rows = like.find(({ sourceId }) => sourceId === named.source.id) ?? rowsOf(drafted.figures);
  if (!rows) return chart;
  const series: SeriesDefinition = {
    ...drafted,
    name: word,
    role: draftRole(word, 'actual'),
    figures: { ...rows, kind: 'rows', filters },
    stroke: { ...drafted.stroke, place: nextPlace(chart) },
  };
  return { ...chart, series: [...chart.series, series] };
}
