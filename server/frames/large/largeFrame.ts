import { type Day, type Grain, recordingOf } from '../../../core/calendar';
import {
  aggregate,
  aggregateKind,
  checkSplit,
  type AxisColumn,
  checkPlaces,
  columnsAsked,
  type Frame,
  type FrameRequest,
} from '../../../core/frame';
import { type Column, dateColumn, numberColumn, type Table, textColumn } from '../../../core/table';
import { fileColumn, rowColumn } from '../../columns';
import { columnNamed, type VersionColumns } from '../versionColumns';
import { aggregateSql } from './aggregateSql';
import { type Sql, whereOf, wordsIn } from './conditions';
import { axisExpression, type Grouped, placeExpression, restWord, tableOf } from './groupedTable';
import { dayNumber } from '../../engine';
import { expressionOf, type LargeVersion } from './largeVersion';
import { readingsIn } from './readingsIn';

/** Of so many digits sums could go beyond what the engine holds exactly. */
const mostSummed = 18;

/**
 * Aggregates a version by the engine, to the same frame that `aggregate` makes of its columns in
 * memory. What rolls up is asked by day and word, and the core does the rest; means, percentiles and
 * distinct counts are asked at the drawn period.
 * @throws ProblemError as `aggregate` does
 */
export async function aggregateLarge(large: LargeVersion, request: FrameRequest): Promise<Frame> {
  const frame = {
    ...(await aggregateWords(large, { ...request, readings: false })),
    readings: await readingsIn(large, request),
  };
  const { splitBy, colourBy = null } = request;
  if (splitBy === null || colourBy === null) return frame;
  return { ...frame, groups: await groupsIn(large, splitBy, colourBy, frame.keys) };
}

/** The word of another column that each word of a split goes with, as `colourGroups` finds it. */
async function groupsIn(
  { version, rows, ask }: LargeVersion,
  splitBy: string,
  colourBy: string,
  keys: readonly string[],
): Promise<string[]> {
  const [own, other] = [splitBy, colourBy].map((name) =>
    fileColumn(columnNamed(version, name).place),
  );
  const found = await ask(
    `SELECT ${own}, arg_min(${other}, ${rowColumn}) FROM ${rows} WHERE ${other} IS NOT NULL GROUP BY ${own}`,
    [],
  );
  const groups = new Map(found.map(([word, group]) => [String(word ?? ''), String(group)]));
  return keys.map((key) => groups.get(key) ?? '');
}

async function aggregateWords(large: LargeVersion, request: FrameRequest): Promise<Frame> {
  const { version } = large;
  // It refuses what does not fit the source, whatever the rows.
  aggregate(emptyTable(version, request), request);
  const split = request.splitBy === null ? null : columnNamed(version, request.splitBy);
  if (split && !request.top) checkSplit(split.stored.name, split.stored.words);
  if (request.axisColumn) checkPlaces(request.axisColumn, wordsOf(version, request.axisColumn));
  const known = await recordingIn(large, request);
  const asked = {
    ...request,
    filters: [],
    colourBy: null,
    axisColumn: null,
    date: 'date',
    column: 'figure',
    grain: request.axisColumn ? ('day' as const) : request.grain,
  };
  const of = aggregateSql[request.aggregate](
    figureExpression(version, request.column),
    request.percent ?? 50,
  );
  const ask = (by: string, kept: Sql | null) => grouped(large, request, { ...of, by, kept });
  const { then } = of;
  if (then) {
    const { table, axisPlaces } = await ask(dateOf(version, request), null);
    const frame = aggregate(table, { ...asked, aggregate: then }, known);
    return { ...frame, axisPlaces, exact: true };
  }
  const by = request.axisColumn
    ? dateOf(version, request)
    : begin(grainAsked(asked, known.recordedGrain))(dateOf(version, request));
  // One row a group: the greatest of them is that row.
  const single = { ...asked, aggregate: 'max' as const };
  const { table, axisPlaces } = await ask(by, null);
  const frame = { ...aggregate(table, single, known), axisPlaces };
  const exact = !aggregateKind(request.aggregate).divides;
  if (frame.others === null || !split) return { ...frame, exact };
  const kept = wordsIn(split, frame.keys.slice(0, -1));
  const folded = aggregate((await ask(by, kept)).table, { ...single, top: null }, known);
  const rest = folded.values[folded.keys.indexOf(restWord)] ?? [];
  const at = (start: Day) => rest[folded.periods.indexOf(start)] ?? null;
  return { ...frame, exact, values: [...frame.values.slice(0, -1), frame.periods.map(at)] };
}

/** The first day of the period of a date. */
const begin = (grain: Grain) => (date: string) =>
  grain === 'day' ? date : `CAST(date_trunc('${grain}', ${date}) AS DATE)`;

const grainAsked = ({ grain }: FrameRequest, recorded: Grain): Grain => {
  const order: readonly Grain[] = ['day', 'week', 'month', 'quarter', 'year'];
  return order.indexOf(recorded) > order.indexOf(grain) ? recorded : grain;
};

/** A column whose figures are taken together; those of very many digits as they are nearest. */
function figureExpression(version: VersionColumns, name: string | null): string {
  const expression = expressionOf(version, name);
  const digits = name === null ? 0 : (columnNamed(version, name).stored.digits ?? 0);
  return digits > mostSummed ? `CAST(${expression} AS DOUBLE)` : expression;
}

/** What stands along the axis: dates, or another column. */
const dateOf = (version: VersionColumns, { date, axisColumn }: FrameRequest): string =>
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
async function recordingIn({ version, rows, askOnce }: LargeVersion, request: FrameRequest) {
  if (request.axisColumn) return { recordedGrain: 'day' as const, completeTo: null };
  const date = dateOf(version, request);
  const { datePattern } = columnNamed(version, request.date).stored;
  const counted = request.column === null ? null : columnNamed(version, request.column);
  const figure = counted?.stored.kind === 'number' ? fileColumn(counted.place) : date;
  const found = await askOnce(
    `SELECT ${dayNumber('d')}, f FROM (SELECT ${date} AS d, COUNT(${figure}) AS f FROM ${rows} WHERE ${date} IS NOT NULL GROUP BY d) AS days ORDER BY d`,
  );
  const all = found.map(([day]) => Number(day));
  const last = found.findLast(([, figures]) => Number(figures) > 0)?.[0];
  const reached = last == null ? [] : all.filter((day) => day <= Number(last));
  return {
    recordedGrain: recordingOf(all, datePattern).by,
    completeTo: recordingOf(reached, datePattern).completeTo,
  };
}

/** How rows are grouped: by what stands along the axis, and which words are not counted as the rest. */
interface Grouping {
  by: string;
  expression: string;
  row?: string;
  kept: Sql | null;
}

/** Rows grouped by a date and the word of the split: columns date, figure and the split's own. */
async function grouped(
  large: LargeVersion,
  request: FrameRequest,
  { by, expression, row, kept }: Grouping,
): Promise<Grouped> {
  const { version, rows, ask } = large;
  const date = dateOf(version, request);
  const split = request.splitBy === null ? null : columnNamed(version, request.splitBy);
  const filters = (request.filters ?? []).map((filter) => whereOf(version, filter));
  const where = [{ text: `${date} IS NOT NULL`, values: [] }, ...filters];
  const own = split ? fileColumn(split.place) : 'NULL';
  // Rows of words that are not kept are counted together, whatever their words.
  const isKept = kept ? `(${kept.text})` : 'TRUE';
  const marked = `SELECT *, ${isKept} AS k FROM ${rows} WHERE ${where.map(({ text }) => text).join(' AND ')}`;
  const values = [...(kept?.values ?? []), ...where.flatMap((each) => each.values)];
  const sql = `SELECT ${placeExpression(request)}, w, figure, k FROM (
    SELECT ${by} AS d, CASE WHEN k THEN ${own} END AS w, CAST(k AS INTEGER) AS k,
    ${expression} AS figure, ${row ?? 'NULL'} AS ordered FROM (${marked}) AS marked GROUP BY ${by}, CASE WHEN k THEN ${own} END, k
  ) AS found ORDER BY ${row ? 'ordered' : 'd, w, k'}`;
  const found = await ask(sql, values);
  const cells = found.map(([place, word, figure, k]) => ({
    place: place ?? null,
    word: Number(k) === 0 ? restWord : word === null ? null : String(word),
    figure: figure === null ? NaN : Number(figure),
  }));
  return tableOf(large, request, split, kept !== null, cells);
}
