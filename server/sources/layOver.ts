import type { CellValue, ColumnUnderstanding } from '../../core/table';
import { ProblemError } from '../../core/values';
import type { StoredColumn } from '../database';

/** A row of the columns that a source and a file have together. */
export type LaidRow = readonly CellValue[];

/** How rows of a source and rows of a file are laid over the columns that both have together. */
export interface LaidOver {
  names: string[];
  columns: ColumnUnderstanding[];
  standing(row: readonly CellValue[]): LaidRow;
  /** @param before the row whose place it takes, which keeps what the file has no column for */
  delivered(row: readonly CellValue[], before?: LaidRow): LaidRow;
  /** whether the file lacks columns of the source */
  lacks: boolean;
}

/**
 * Lays the columns of a source and those of a file over one another: first the source's.
 * @param standing the columns of the source
 * @param delivered those of the file, matched by their names
 */
export function layOver(
  standing: readonly StoredColumn[],
  delivered: readonly ColumnUnderstanding[],
): LaidOver {
  const isIn = (columns: readonly { name: string }[], name: string) =>
    columns.some((column) => column.name === name);
  const fresh = delivered.filter(({ name }) => !isIn(standing, name));
  const columns = [...standing.map(understandingOf), ...fresh];
  const names = columns.map(({ name }) => name);
  const placesIn = (own: readonly { name: string }[]) =>
    names.map((name) => own.findIndex((column) => column.name === name));
  const places = { standing: placesIn(standing), delivered: placesIn(delivered) };
  return {
    names,
    columns,
    lacks: standing.some(({ name }) => !isIn(delivered, name)),
    standing: (row) => places.standing.map((place) => row[place] ?? null),
    delivered: (row, before) =>
      places.delivered.map((place, at) =>
        place < 0 ? (before?.[at] ?? null) : (row[place] ?? null),
      ),
  };
}

const understandingOf = ({
  decimals: _,
  words: __,
  coded: ___,
  digits: _____,
  profile: ____,
  ...column
}: StoredColumn): ColumnUnderstanding => column;

/**
 * Makes the reader of rows' keys.
 * @param names of the columns of the rows
 * @param keys names of those that make a key
 * @throws ProblemError when a key is no column
 * @returns a function from a row's cells to its key
 */
export function keyReader(names: readonly string[], keys: readonly string[]) {
  const places = keys.map((key) => {
    const place = names.indexOf(key);
    if (place >= 0) return place;
    throw new ProblemError({
      code: 'column-missing',
      sentence: `There is no column “${key}” to tell the rows apart by. Choose another.`,
      place: { column: key },
    });
  });
  return (row: LaidRow) => JSON.stringify(places.map((place) => row[place] ?? null));
}

/** @param where in which table they stand, as in “this file” */
export function keysNotUnique(keys: readonly string[], where: string): ProblemError {
  const named = keys.map((name) => `“${name}”`).join(' and ');
  return new ProblemError({
    code: 'key-not-unique',
    sentence: `${named} ${keys.length === 1 ? 'does' : 'do'} not tell the rows apart: several rows of ${where} have the same. Choose more columns to tell them apart by, or replace all rows.`,
  });
}

/** Keys that stand once each, or are refused. */
export class UniqueKeys {
  private readonly met = new Set<string>();

  /** @param where in which table they stand, as in “this file” */
  constructor(
    private readonly keys: readonly string[],
    private readonly where: string,
  ) {}

  /** @throws ProblemError when the key has been met before */
  add(key: string) {
    if (this.met.has(key)) throw keysNotUnique(this.keys, this.where);
    this.met.add(key);
  }

  has = (key: string) => this.met.has(key);
}
