import { type Day, type Grain, recordingOf } from '../../core/calendar';
import {
  aggregate,
  aggregateKind,
  checkSplit,
  type AxisColumn,
  checkPlaces,
  columnsAsked,
  type Frame,
  type FrameRequest,
} from '../../core/frame';
import { type Column, dateColumn, numberColumn, type Table, textColumn } from '../../core/table';
import type { Database } from '../database';
import { factsColumn, factsTable } from '../sources';
import { aggregateSql } from './aggregateSql';
import type { VersionColumns } from './versionColumns';
import { columnNamed, type Sql, whereOf, wordsIn } from './conditions';
import {
  axisExpression,
  type Grouped,
  placeExpression,
  restCode,
  restWord,
  tableOf,
} from './groupedTable';
import { daysToEpoch, loadWords, slice } from './loadColumns';
import { readingsIn } from './readingsIn';

/**
 * Aggregates a version in the database, to the same frame that `aggregate` makes of its columns in
 * memory. What rolls up is asked by day and word, and the core does the rest; means, percentiles and
 * distinct counts are asked at the drawn period.
 * @throws ProblemError as `aggregate` does
 */
export async function aggregateInDatabase(
  database: Database,
  version: VersionColumns,
  request: FrameRequest,
): Promise<Frame> {
  const frame = {
    ...(await aggregateWords(database, version, { ...request, readings: false })),
    readings: await readingsIn(database, version, request),
  };
  const { splitBy, colourBy = null } = request;
  if (splitBy === null || colourBy === null) return frame;
  return { ...frame, groups: await groupsIn(database, version, splitBy, colourBy, frame.keys) };
}

/** The word of another column that each word of a split goes with, as `colourGroups` finds it. */
async function groupsIn(
  database: Database,
  version: VersionColumns,
  splitBy: string,
  colourBy: string,
  keys: readonly string[],
): Promise<string[]> {
  const [split, by] = [columnNamed(version, splitBy), columnNamed(version, colourBy)];
  const [own, other] = [factsColumn(split.place), factsColumn(by.place)];
  const facts = factsTable(version.versionId);
  const first = `SELECT MIN(\`row\`) AS first FROM ${facts} WHERE ${other} IS NOT NULL GROUP BY ${own}`;
  const sql = `SELECT ${own}, ${other} FROM (${first}) AS firsts JOIN ${facts} ON \`row\` = first ORDER BY first`;
  const rows = await slice(database, sql, []);
  const [words, groups] = await Promise.all([
    loadWords(database, version.versionId, split.place),
    loadWords(database, version.versionId, by.place),
  ]);
  const wordOf = ({ words: all, canonical }: typeof words, code: unknown) =>
    code === null ? '' : (all[canonical[Number(code)] ?? -1] ?? '');
  const found = new Map<string, string>();
  for (const [word, group] of rows) {
    const key = wordOf(words, word);
    if (!found.has(key)) found.set(key, wordOf(groups, group));
  }
  return keys.map((key) => found.get(key) ?? '');
}

async function aggregateWords(
  database: Database,
  version: VersionColumns,
  request: FrameRequest,
): Promise<Frame> {
  // It refuses what does not fit the source, whatever the rows.
  aggregate(emptyTable(version, request), request);
  const split = request.splitBy === null ? null : columnNamed(version, request.splitBy);
  if (split && !request.top) checkSplit(split.stored.name, split.stored.words);
  if (request.axisColumn) checkPlaces(request.axisColumn, wordsOf(version, request.axisColumn));
  const known = await recordingIn(database, version, request);
  const asked = {
    ...request,
    filters: [],
    colourBy: null,
    axisColumn: null,
    date: 'date',
    column: 'figure',
    grain: request.axisColumn ? ('day' as const) : request.grain,
  };
  const { expression, then } = aggregateSql[request.aggregate](
    expressionOf(version, request.column),
    request.percent ?? 50,
  );
  const ask = (by: string, kept: Sql | null) =>
    grouped(database, version, request, { by, expression, kept });
  if (then) {
    const { table, axisPlaces } = await ask(dateOf(version, request), null);
    const frame = aggregate(table, { ...asked, aggregate: then }, known);
    return { ...frame, axisPlaces, exact: true };
  }
  const by = periods[grainAsked(asked, known.recordedGrain)](dateOf(version, request));
  // One row a group: the greatest of them is that row.
  const single = { ...asked, aggregate: 'max' as const };
  const { table, axisPlaces } = await ask(by, null);
  const frame = { ...aggregate(table, single, known), axisPlaces };
  const exact = !aggregateKind(request.aggregate).divides;
  if (frame.others === null || !split) return { ...frame, exact };
  const kept = wordsIn(version, split, frame.keys.slice(0, -1));
  const folded = aggregate((await ask(by, kept)).table, { ...single, top: null }, known);
  const rest = folded.values[folded.keys.indexOf(restWord)] ?? [];
  const at = (start: Day) => rest[folded.periods.indexOf(start)] ?? null;
  return { ...frame, exact, values: [...frame.values.slice(0, -1), frame.periods.map(at)] };
}

/** The first day of the period of a date. */
const periods: Record<Grain, (date: string) => string> = {
  day: (date) => date,
  week: (date) => `${date} - INTERVAL WEEKDAY(${date}) DAY`,
  month: (date) => `${date} - INTERVAL DAYOFMONTH(${date}) - 1 DAY`,
  quarter: (date) => `MAKEDATE(YEAR(${date}), 1) + INTERVAL QUARTER(${date}) - 1 QUARTER`,
  year: (date) => `MAKEDATE(YEAR(${date}), 1)`,
};

const grainAsked = ({ grain }: FrameRequest, recorded: Grain): Grain => {
  const order: readonly Grain[] = ['day', 'week', 'month', 'quarter', 'year'];
  return order.indexOf(recorded) > order.indexOf(grain) ? recorded : grain;
};

const expressionOf = (version: VersionColumns, name: string | null) =>
  name === null ? '*' : factsColumn(columnNamed(version, name).place);

/** What stands along the axis: dates, or another column. */
const dateOf = (version: VersionColumns, { date, axisColumn }: FrameRequest) =>
  axisColumn ? axisExpression(version, axisColumn) : expressionOf(version, date);

/** How many different words stand along a column; of figures that is seen when they are there. */
const wordsOf = (version: VersionColumns, { column, of }: AxisColumn) =>
  of === 'words' ? columnNamed(version, column).stored.words : 0;

function emptyTable(version: VersionColumns, request: FrameRequest): Table {
  const asked = columnsAsked(request);
  const columns = version.columns.filter(({ name }) => asked.includes(name));
  return {
    rows: 0,
    columns: columns.map(({ name, kind, decimals }): Column => {
      if (kind === 'date') return dateColumn(name, new Int32Array());
      if (kind === 'number') return numberColumn(name, new Float64Array(), decimals);
      return textColumn(name, new Int32Array(), []);
    }),
  };
}

/** What the dates of all rows tell; filters make a source no less complete. */
async function recordingIn(database: Database, version: VersionColumns, request: FrameRequest) {
  if (request.axisColumn) return { recordedGrain: 'day' as const, completeTo: null };
  const date = dateOf(version, request);
  const { datePattern } = columnNamed(version, request.date).stored;
  const facts = factsTable(version.versionId);
  const days = async (where: string) => {
    const sql = `SELECT TO_DAYS(d) - ${daysToEpoch} FROM (SELECT DISTINCT ${date} AS d FROM ${facts} WHERE ${date} IS NOT NULL${where}) AS days ORDER BY 1`;
    return (await slice(database, sql, [])).map(([day]) => Number(day));
  };
  const all = await days('');
  const counted = request.column === null ? null : columnNamed(version, request.column);
  const held =
    counted?.stored.kind === 'number'
      ? await days(` AND ${factsColumn(counted.place)} IS NOT NULL`)
      : all;
  const last = held.at(-1);
  const reached = last === undefined ? [] : all.filter((day) => day <= last);
  return {
    recordedGrain: recordingOf(all, datePattern).by,
    completeTo: recordingOf(reached, datePattern).completeTo,
  };
}

/** Rows grouped by a date and the word of the split: columns date, figure and the split's own. */
async function grouped(
  database: Database,
  version: VersionColumns,
  request: FrameRequest,
  { by, expression, kept }: { by: string; expression: string; kept: Sql | null },
): Promise<Grouped> {
  const facts = factsTable(version.versionId);
  const date = dateOf(version, request);
  const split = request.splitBy === null ? null : columnNamed(version, request.splitBy);
  const filters = (request.filters ?? []).map((filter) => whereOf(version, filter));
  const where = [{ text: `${date} IS NOT NULL`, values: [] }, ...filters];
  const own = split ? factsColumn(split.place) : 'NULL';
  const word = kept ? `IF(${kept.text}, ${own}, ${restCode})` : own;
  const values = [...(kept?.values ?? []), ...where.flatMap((each) => each.values)];
  const rows = `FROM ${facts} WHERE ${where.map(({ text }) => text).join(' AND ')}`;
  const over = expression.startsWith('PERCENTILE_CONT');
  const inner = over
    ? `SELECT DISTINCT d, w, ${expression.replace(/c\d+/, 'f')} OVER (PARTITION BY d, w) AS figure
       FROM (SELECT ${by} AS d, ${word} AS w, ${expressionOf(version, request.column)} AS f ${rows}) AS cells`
    : `SELECT ${by} AS d, ${word} AS w, ${expression} AS figure ${rows} GROUP BY d, w`;
  const byRow = request.aggregate === 'first' || request.aggregate === 'last';
  const at = placeExpression(request);
  const sql = byRow
    ? `SELECT ${at}, w, CAST(${expressionOf(version, request.column)} AS DOUBLE) FROM (${inner}) AS found LEFT JOIN ${facts} ON \`row\` = figure ORDER BY figure`
    : `SELECT ${at}, w, CAST(figure AS DOUBLE) FROM (${inner}) AS found`;
  const found = await slice(database, sql, values);
  return tableOf(database, version, request, split, kept !== null, found);
}
