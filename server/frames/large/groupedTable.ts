import {
  type AxisColumn,
  checkPlaces,
  type FrameRequest,
  orderPlaces,
  type Place,
  placesBy,
} from '../../../core/frame';
import {
  type Column,
  dateColumn,
  missingDay,
  numberColumn,
  type Table,
  textColumn,
} from '../../../core/table';
import { fileColumn, rowColumn } from '../../columns';
import { dayNumber, type EngineRow } from '../../engine';
import { columnNamed, type Placed, type VersionColumns } from '../versionColumns';
import type { LargeVersion } from './largeVersion';

/** The word under which rows of words that are not kept are counted; no word can be it. */
export const restWord = '\u0000rest';

/** Grouped rows as a table, and what stands along the axis; null for dates. */
export interface Grouped {
  table: Table;
  axisPlaces: Place[] | null;
}

/** A group of rows: where it stands, its word (null where blank), and its figure. */
export interface GroupedRow {
  place: EngineRow[number];
  word: string | null;
  figure: number;
}

/** Where a group stands, as it is read: a day, a figure or a word. */
export const placeExpression = ({ axisColumn }: FrameRequest) =>
  ({ dates: dayNumber('d'), numbers: 'CAST(d AS DOUBLE)', words: 'd' })[axisColumn?.of ?? 'dates'];

/** What stands along the axis of a column: its figures or words, or the years of its dates. */
export function axisExpression(version: VersionColumns, { column, of }: AxisColumn): string {
  const { place, stored } = columnNamed(version, column);
  const cells = fileColumn(place);
  return stored.kind === 'date' && of === 'numbers' ? `year(${cells})` : cells;
}

/** The words of a column in the order in which they come; what no filter keeps among them. */
async function wordsIn({ rows, askOnce }: LargeVersion, { place }: Placed): Promise<string[]> {
  const cells = fileColumn(place);
  const found = await askOnce(
    `SELECT ${cells} FROM ${rows} WHERE ${cells} IS NOT NULL GROUP BY ${cells} ORDER BY MIN(${rowColumn})`,
  );
  return found.map(([word]) => String(word));
}

/** The days of grouped rows, or the numbers of their places along a column, and what those are. */
async function daysOf(
  large: LargeVersion,
  { axisColumn = null }: FrameRequest,
  cells: readonly EngineRow[number][],
): Promise<{ days: Int32Array; axisPlaces: Place[] | null }> {
  if (!axisColumn) {
    const days = Int32Array.from(cells, (day) => (day === null ? missingDay : Number(day)));
    return { days, axisPlaces: null };
  }
  const placeOf = (cell: EngineRow[number]): Place =>
    axisColumn.of === 'numbers' ? Number(cell) : String(cell);
  const own = cells.map(placeOf);
  const kept = new Set(own);
  const natural =
    axisColumn.of === 'words'
      ? (await wordsIn(large, columnNamed(large.version, axisColumn.column))).filter((word) =>
          kept.has(word),
        )
      : [...kept];
  const places = axisColumn.by
    ? placesBy(
        natural,
        await leastBeside(large, axisColumn, axisColumn.by.column, placeOf),
        axisColumn.by.first,
      )
    : orderPlaces(natural);
  checkPlaces(axisColumn, places.length);
  const numbers = new Map(places.map((each, number) => [each, number]));
  return { days: Int32Array.from(own, (each) => numbers.get(each) as number), axisPlaces: places };
}

/** The least that a column has beside each place along the axis, whichever rows are kept. */
async function leastBeside(
  large: LargeVersion,
  along: AxisColumn,
  by: string,
  placeOf: (cell: EngineRow[number]) => Place,
): Promise<ReadonlyMap<Place, number>> {
  const { version, rows, ask } = large;
  const { place, stored } = columnNamed(version, by);
  const cells = fileColumn(place);
  // Words come in the order of their first rows.
  const least = {
    date: dayNumber(`MIN(${cells})`),
    number: `CAST(MIN(${cells}) AS DOUBLE)`,
    text: `MIN(f.first)`,
  }[stored.kind];
  const firsts =
    stored.kind === 'text'
      ? ` JOIN (SELECT ${cells} AS word, MIN(${rowColumn}) AS first FROM ${rows} GROUP BY ${cells}) AS f ON f.word = ${cells}`
      : '';
  const axis = axisExpression(version, along);
  const found = await ask(
    `SELECT ${axis} AS d, ${least} FROM ${rows}${firsts} WHERE ${axis} IS NOT NULL GROUP BY d`,
    [],
  );
  return new Map(
    found.flatMap(([cell, value]) =>
      value === null ? [] : [[placeOf(cell ?? null), Number(value)] as const],
    ),
  );
}

/** Makes a table of rows that the engine has grouped. */
export async function tableOf(
  large: LargeVersion,
  request: FrameRequest,
  split: Placed | null,
  kept: boolean,
  cells: readonly GroupedRow[],
): Promise<Grouped> {
  const figures = Float64Array.from(cells, ({ figure }) => figure);
  const decimals =
    request.column === null ? 0 : columnNamed(large.version, request.column).stored.decimals;
  const { days, axisPlaces } = await daysOf(
    large,
    request,
    cells.map(({ place }) => place),
  );
  const columns: Column[] = [dateColumn('date', days), numberColumn('figure', figures, decimals)];
  if (!split) return { table: { rows: cells.length, columns }, axisPlaces };
  // All words are ranked, also those of which a filter keeps no row.
  const words = kept ? [] : await wordsIn(large, split);
  const places = new Map(words.map((word, place) => [word, place]));
  const placeOf = (word: string) => {
    const place = places.get(word) ?? words.push(word) - 1;
    places.set(word, place);
    return place;
  };
  const codes = Int32Array.from(cells, ({ word }) => (word === null ? -1 : placeOf(word)));
  columns.push(textColumn(split.stored.name, codes, words));
  return { table: { rows: cells.length, columns }, axisPlaces };
}
