import { formulaOf, rowsOf } from '../../core/origins';
import type { RowsBehind } from '../../contract';
import { type Day, dayOfDate, type Grain, nextPeriod, periodStart } from '../../core/calendar';
import { type ChartDefinition, type SeriesDefinition } from '../../core/chart';
import { frameRequest, isOperand, withDialledFilters } from '../../core/figures';
import { isProblem, readFormula } from '../../core/formula';
import {
  type AxisColumn,
  type Comparison,
  filterKind,
  type FrameRequest,
  type Place,
} from '../../core/frame';
import type { Database } from '../database';
import { columnNamed, type VersionColumns } from './versionColumns';
import type { RowsAsked, RowsFound } from './rowsOf';
import { versionColumns } from './versions';

/** More rows than these are counted, not listed. */
const mostRows = 1000;

/** Finds rows of a version, for whoever asks. */
export type FindRows = (version: VersionColumns, asked: RowsAsked) => Promise<RowsFound>;

/** Which figure is asked about. */
export interface FigureAsked {
  series: string;
  /** the word of the split; null without one, or for the rest of a ranking */
  word: string | null;
  /** the first day of its period; along a column of figures, the figure there */
  start: number;
  /** the word at which it stands along a column of words */
  place: string | null;
}

/**
 * Lists the rows behind a figure: of a formula, those of each series it is worked out from.
 * @param find finds rows of a version
 * @param written with its measures put in their place
 * @param today what spans are reckoned from
 */
export async function rowsBehind(
  database: Database,
  find: FindRows,
  written: ChartDefinition,
  versions: ReadonlyMap<number, number | null>,
  asked: FigureAsked,
  today: Day,
): Promise<RowsBehind> {
  const chart = withDialledFilters(written);
  const parts: RowsBehind['parts'] = [];
  for (const series of seriesBehind(chart, asked.series)) {
    const source = rowsOf(series.figures)?.sourceId;
    const versionId = source === undefined ? null : versions.get(source);
    const version = versionId ? await versionColumns(database, versionId) : null;
    if (!version) continue;
    const names = version.columns.map(({ name }) => name);
    const request = frameRequest(chart, series, today, names);
    if (request) parts.push(await partOf(find, version, series, request, asked));
  }
  return { parts };
}

/** The series whose rows a series is made of: itself, or those that its formula names. */
function seriesBehind(
  chart: ChartDefinition,
  id: string,
  seen = new Set<string>(),
): SeriesDefinition[] {
  const series = chart.series.find((each) => each.id === id);
  if (!series || seen.has(id)) return [];
  seen.add(id);
  const formula = formulaOf(series.figures);
  if (formula === null) return rowsOf(series.figures) ? [series] : [];
  const others = chart.series.filter((each) => each.id !== id);
  const read = readFormula(
    formula,
    others.map(({ name }) => name),
  );
  if (isProblem(read)) return [];
  return others
    .filter(({ name }) => read.names.includes(name))
    .flatMap((other) => seriesBehind(chart, other.id, seen));
}

async function partOf(
  find: FindRows,
  version: VersionColumns,
  series: SeriesDefinition,
  request: FrameRequest,
  { word, start, place }: FigureAsked,
): Promise<RowsBehind['parts'][number]> {
  const { split, figures } = series;
  const { axisColumn } = request;
  const axis = axisColumn?.column ?? request.date;
  const kept: Comparison[] = [
    ...(request.filters ?? []).map((filter) => filterKind(filter).compares(filter)),
    ...(split && word !== null
      ? [{ is: 'among' as const, column: split.column, words: [word] }]
      : []),
  ];
  const ask = (grain: Grain) => {
    const within = axisColumn
      ? atPlace(version, axisColumn, place ?? start)
      : between(axis, periodStart(start, grain), nextPeriod(periodStart(start, grain), grain));
    return find(version, {
      where: { is: 'all', of: [within, ...kept] },
      orderBy: axis,
      most: mostRows,
    });
  };
  // A figure of a longer period stands within the drawn one where it has no row of its own.
  let found = await ask(request.grain);
  for (const grain of ['month', 'quarter', 'year'] as const)
    if (found.total === 0 && !axisColumn) found = await ask(grain);
  const column = rowsOf(figures)?.column ?? null;
  return {
    // What a measure is worked out from is known by its column.
    name: isOperand(series) ? (column ?? 'Rows') : series.name,
    column,
    ...found,
    columns: version.columns.map((each) => ({ name: each.name, kind: each.kind })),
  };
}

/** The days from one on to another, which is not among them. */
const between = (column: string, from: Day, next: Day): Comparison => ({
  is: 'between',
  column,
  of: 'date',
  from,
  to: next - 1,
});

/** What stands at a place along a column: a word, a figure, or the dates of a year. */
function atPlace(version: VersionColumns, { column, of }: AxisColumn, at: Place): Comparison {
  if (of === 'words') return { is: 'among', column, words: [String(at)] };
  const figure = Number(at);
  if (columnNamed(version, column).stored.kind === 'date')
    return between(column, dayOfDate(figure, 1, 1), dayOfDate(figure + 1, 1, 1));
  return { is: 'between', column, of: 'number', from: figure, to: figure };
}
