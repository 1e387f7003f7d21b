import type { RowDataPacket } from 'mysql2/promise';
import {
  type Column,
  dateColumn,
  missingDay,
  numberColumn,
  type Table,
  textColumn,
} from '../../core/table';
import type { Database, StoredColumn } from '../database';
import { factsColumn, factsTable } from '../sources';

/** A source version as the worker needs it. */
export interface VersionColumns {
  versionId: number;
  rows: number;
  columns: StoredColumn[];
}

/** As much as the columns in memory may take together. */
const mostBytes = 1024 * 1024 * 1024;
const rowsAtOnce = 200_000;

/** MariaDB counts days from the year 0. */
const daysToEpoch = 719_528;

/** Keeps the columns that charts need in memory; the least recently used go first. */
export class ColumnCache {
  private readonly columns = new Map<string, Column>();
  private bytes = 0;

  constructor(private readonly database: Database) {}

  /** The named columns of a version; those the version does not have are left out. */
  async table(version: VersionColumns, names: readonly string[]): Promise<Table> {
    const places = names
      .map((name) => version.columns.findIndex((column) => column.name === name))
      .filter((place, at, all) => place >= 0 && all.indexOf(place) === at);
    const columns = [];
    for (const place of places) columns.push(await this.column(version, place));
    return { rows: version.rows, columns };
  }

  private async column(version: VersionColumns, place: number): Promise<Column> {
    const key = `${version.versionId}:${place}`;
    const held = this.columns.get(key);
    const column = held ?? (await loadColumn(this.database, version, place));
    if (!held) this.bytes += sizeOf(column);
    // Deleting first moves it to the end: the order of the map is the order of use.
    this.columns.delete(key);
    this.columns.set(key, column);
    this.shrink();
    return column;
  }

  private shrink() {
    for (const [key, column] of this.columns) {
      if (this.bytes <= mostBytes || this.columns.size === 1) return;
      this.columns.delete(key);
      this.bytes -= sizeOf(column);
    }
  }
}

function sizeOf(column: Column): number {
  if (column.kind === 'date') return column.days.byteLength;
  if (column.kind === 'number') return column.values.byteLength;
  return (
    column.codes.byteLength + column.words.reduce((sum, word) => sum + 2 * word.length + 16, 0)
  );
}

async function loadColumn(
  database: Database,
  { versionId, rows, columns }: VersionColumns,
  place: number,
): Promise<Column> {
  const { name, kind, decimals } = columns[place] as StoredColumn;
  const days = new Int32Array(kind === 'date' ? rows : 0).fill(missingDay);
  const values = new Float64Array(kind === 'number' ? rows : 0).fill(NaN);
  const codes = new Int32Array(kind === 'text' ? rows : 0).fill(-1);
  const codeOf = new Map<string, number>();
  const expression = {
    date: `TO_DAYS(${factsColumn(place)}) - ${daysToEpoch}`,
    number: `CAST(${factsColumn(place)} AS DOUBLE)`,
    text: factsColumn(place),
  }[kind];
  const text = `SELECT \`row\`, ${expression} FROM ${factsTable(versionId)} WHERE \`row\` >= ? AND \`row\` < ? AND ${factsColumn(place)} IS NOT NULL`;
  for (let from = 0; from < rows; from += rowsAtOnce) {
    // Prepared statements carry binary values, which are several times quicker to read.
    const [found] = await database.$client.execute<RowDataPacket[][]>(
      { sql: text, rowsAsArray: true },
      [from, from + rowsAtOnce],
    );
    for (const [row, value] of found as unknown as [number, number | string][]) {
      if (kind === 'date') days[row] = Number(value);
      else if (kind === 'number') values[row] = Number(value);
      else codes[row] = codeFor(codeOf, String(value));
    }
  }
  if (kind === 'date') return dateColumn(name, days);
  if (kind === 'number') return numberColumn(name, values, decimals);
  return textColumn(name, codes, [...codeOf.keys()]);
}

function codeFor(codes: Map<string, number>, word: string): number {
  const known = codes.get(word);
  if (known !== undefined) return known;
  codes.set(word, codes.size);
  return codes.size - 1;
}
