import {
  type AxisColumn,
  type FrameRequest,
  checkPlaces,
  orderPlaces,
  placesBy,
  type Place,
} from '../../core/frame';
import {
  type Column,
  dateColumn,
  missingDay,
  numberColumn,
  type Table,
  textColumn,
} from '../../core/table';
import type { Database } from '../database';
import { factsColumn, factsTable } from '../sources';
import type { VersionColumns } from './versionColumns';
import { columnNamed, type Placed } from './conditions';
import { daysToEpoch, loadWords, slice } from './loadColumns';

/** The word under which rows of words that are not kept are counted; no word can be it. */
export const restWord = '\u0000rest';
export const restCode = -2;

/** Grouped rows as a table, and what stands along the axis; null for dates. */
export interface Grouped {
  table: Table;
  axisPlaces: Place[] | null;
}

/** Where a group stands, as it is read: a day, a figure or the code of a word. */
export const placeExpression = ({ axisColumn }: FrameRequest) =>
  ({ dates: `TO_DAYS(d) - ${daysToEpoch}`, numbers: 'CAST(d AS DOUBLE)', words: 'd' })[
    axisColumn?.of ?? 'dates'
  ];

/** What stands along the axis of a column: its figures or words, or the years of its dates. */
export function axisExpression(version: VersionColumns, { column, of }: AxisColumn): string {
  const { place, stored } = columnNamed(version, column);
  const cells = factsColumn(place);
  return stored.kind === 'date' && of === 'numbers' ? `YEAR(${cells})` : cells;
}

/** The days of grouped rows, or the numbers of their places along a column, and what those are. */
async function daysOf(
  database: Database,
  version: VersionColumns,
  { axisColumn = null }: FrameRequest,
  cells: readonly (number | string | null | undefined)[],
): Promise<{ days: Int32Array; axisPlaces: Place[] | null }> {
  if (!axisColumn) {
    const days = Int32Array.from(cells, (day) => (day == null ? missingDay : Number(day)));
    return { days, axisPlaces: null };
  }
  const { place, stored } = columnNamed(version, axisColumn.column);
  const known =
    axisColumn.of === 'words' && stored.coded
      ? await loadWords(database, version.versionId, place)
      : null;
  const placeOf = (cell: number | string | null | undefined): Place => {
    if (axisColumn.of === 'numbers') return Number(cell);
    return known ? (known.words[known.canonical[Number(cell)] ?? -1] ?? '') : String(cell);
  };
  const own = cells.map(placeOf);
  const kept = new Set(own);
  const natural = known ? known.words.filter((word) => kept.has(word)) : [...kept];
  const places = axisColumn.by
    ? placesBy(
        natural,
        await leastBeside(database, version, axisColumn, axisColumn.by.column, placeOf),
        axisColumn.by.first,
      )
    : orderPlaces(natural);
  checkPlaces(axisColumn, places.length);
  const numbers = new Map(places.map((each, number) => [each, number]));
  return { days: Int32Array.from(own, (each) => numbers.get(each) as number), axisPlaces: places };
}

/** The least that a column has beside each place along the axis, whichever rows are kept. */
async function leastBeside(
  database: Database,
  version: VersionColumns,
  along: AxisColumn,
  by: string,
  placeOf: (cell: number | string | null | undefined) => Place,
): Promise<ReadonlyMap<Place, number>> {
  const { place, stored } = columnNamed(version, by);
  const cells = factsColumn(place);
  const least = {
    date: `TO_DAYS(MIN(${cells}))`,
    number: `CAST(MIN(${cells}) AS DOUBLE)`,
    text: `MIN(${cells})`,
  }[stored.kind];
  const axis = axisExpression(version, along);
  const found = await slice(
    database,
    `SELECT ${axis} AS d, ${least} FROM ${factsTable(version.versionId)} WHERE ${axis} IS NOT NULL GROUP BY d`,
    [],
  );
  const beside = new Map<Place, number>();
  for (const [cell, value] of found) {
    const word = placeOf(cell);
    // Codes of one word in several writings are one place.
    if (value !== null) beside.set(word, Math.min(Number(value), beside.get(word) ?? Infinity));
  }
  return beside;
}

/** Makes a table of rows that the database has grouped. */
export async function tableOf(
  database: Database,
  version: VersionColumns,
  request: FrameRequest,
  split: Placed | null,
  kept: boolean,
  rows: (number | string | null)[][],
): Promise<Grouped> {
  const figures = Float64Array.from(rows, ([, , figure]) =>
    figure === null ? NaN : Number(figure),
  );
  const decimals =
    request.column === null ? 0 : columnNamed(version, request.column).stored.decimals;
  const { days, axisPlaces } = await daysOf(
    database,
    version,
    request,
    rows.map(([cell]) => cell),
  );
  const columns: Column[] = [dateColumn('date', days), numberColumn('figure', figures, decimals)];
  if (!split) return { table: { rows: rows.length, columns }, axisPlaces };
  const { words, canonical } = await loadWords(database, version.versionId, split.place);
  // All words are ranked, also those of which a filter keeps no row.
  const found = kept ? [] : [...words];
  const places = new Map(found.map((word, place) => [word, place]));
  const placeOf = (word: string) => {
    const place = places.get(word) ?? found.push(word) - 1;
    places.set(word, place);
    return place;
  };
  const codes = Int32Array.from(rows, ([, code]) => {
    if (code === null) return -1;
    return placeOf(
      Number(code) === restCode ? restWord : (words[canonical[Number(code)] ?? -1] ?? ''),
    );
  });
  columns.push(textColumn(split.stored.name, codes, found));
  return { table: { rows: rows.length, columns }, axisPlaces };
}
