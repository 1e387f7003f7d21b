import { formulaOf, rowsOf } from '../../core/origins';
import type { RowsBehind } from '../../contract';
import { type Day, type Grain, nextPeriod, periodStart } from '../../core/calendar';
import { type ChartDefinition, type SeriesDefinition } from '../../core/chart';
import { frameRequest, isOperand, withDialledFilters } from '../../core/figures';
import { isProblem, readFormula } from '../../core/formula';
import type { FrameRequest } from '../../core/frame';
import type { Database } from '../database';
import { factsColumn, factsTable, rowsAsText } from '../sources';
import type { VersionColumns } from './versionColumns';
import { columnNamed, type Sql, whereOf, wordsIn } from './conditions';
import { axisExpression } from './groupedTable';
import { daysToEpoch, slice } from './loadColumns';
import { versionColumns } from './versions';

/** More rows than these are counted, not listed. */
const mostRows = 1000;

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
 * @param written with its measures put in their place
 * @param today what spans are reckoned from
 */
export async function rowsBehind(
  database: Database,
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
    if (request) parts.push(await partOf(database, version, series, request, asked));
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
  database: Database,
  version: VersionColumns,
  series: SeriesDefinition,
  request: FrameRequest,
  { word, start, place }: FigureAsked,
): Promise<RowsBehind['parts'][number]> {
  const { split, figures } = series;
  const { axisColumn } = request;
  const axis = columnNamed(version, axisColumn?.column ?? request.date);
  const date = factsColumn(axis.place);
  const within = (grain: Grain): Sql => {
    if (axisColumn?.of === 'words') {
      const { text, values } = wordsIn(version, axis, [place ?? '']);
      return { text: `(${text})`, values };
    }
    if (axisColumn) return { text: `${axisExpression(version, axisColumn)} = ?`, values: [start] };
    const first = periodStart(start, grain);
    const next = nextPeriod(first, grain);
    const from = (day: number) => `FROM_DAYS(${day + daysToEpoch})`;
    return { text: `${date} >= ${from(first)} AND ${date} < ${from(next)}`, values: [] };
  };
  const words =
    split && word !== null ? [wordsIn(version, columnNamed(version, split.column), [word])] : [];
  const kept = [
    ...(request.filters ?? []).map((filter) => whereOf(version, filter)),
    ...words.map(({ text, values }) => ({ text: `(${text})`, values })),
  ];
  const facts = factsTable(version.versionId);
  const ask = async (grain: Grain) => {
    const all = [within(grain), ...kept];
    const where = all.map(({ text }) => text).join(' AND ');
    const values = all.flatMap((each) => each.values);
    const [counted] = await slice(database, `SELECT COUNT(*) FROM ${facts} WHERE ${where}`, values);
    return { where, values, total: Number(counted?.[0] ?? 0) };
  };
  // A figure of a longer period stands within the drawn one where it has no row of its own.
  let found = await ask(request.grain);
  for (const grain of ['month', 'quarter', 'year'] as const)
    if (found.total === 0 && !axisColumn) found = await ask(grain);
  const sql = `SELECT * FROM ${facts} WHERE ${found.where} ORDER BY ${date}, \`row\` LIMIT ${mostRows}`;
  const rows = await rowsAsText(database, version, sql, found.values);
  const column = rowsOf(figures)?.column ?? null;
  return {
    // What a measure is worked out from is known by its column.
    name: isOperand(series) ? (column ?? 'Rows') : series.name,
    column,
    total: found.total,
    rows,
    columns: version.columns.map((each) => ({ name: each.name, kind: each.kind })),
  };
}
