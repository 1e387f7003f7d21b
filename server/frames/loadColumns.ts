import type { RowDataPacket } from 'mysql2/promise';
import { type Column, dateColumn, missingDay, numberColumn, textColumn } from '../../core/table';
import type { Database, StoredColumn } from '../database';
import { factsColumn, factsTable, wordsTable } from '../sources';
import type { VersionColumns } from './versionColumns';

/** Between slices others have their turn at the database and at this thread. */
const rowsAtOnce = 100_000;

/** MariaDB counts days from the year 0. */
export const daysToEpoch = 719_528;

/** Takes the cells of one column as the database gives them. */
interface Filling {
  expression: string;
  put(row: number, cell: number | string): void;
  finish(): Promise<Column>;
}

/** Reads columns of a version into memory, all in one walk over its rows. */
export async function loadColumns(
  database: Database,
  version: VersionColumns,
  places: readonly number[],
): Promise<Column[]> {
  const { versionId, rows } = version;
  const fillings = places.map((place) => filling(database, version, place));
  const list = fillings.map(({ expression }) => expression).join(', ');
  const sql = `SELECT \`row\`, ${list} FROM ${factsTable(versionId)} WHERE \`row\` >= ? AND \`row\` < ?`;
  for (let from = 0; from < rows; from += rowsAtOnce) {
    for (const [row, ...cells] of await slice(database, sql, [from, from + rowsAtOnce]))
      fillings.forEach(({ put }, at) => {
        const cell = cells[at];
        if (cell !== null && cell !== undefined) put(row, cell);
      });
  }
  return Promise.all(fillings.map(({ finish }) => finish()));
}

export type Row = [row: number, ...cells: (number | string | null)[]];

/** Prepared statements carry binary values, which are several times quicker to read. */
export async function slice(
  database: Database,
  sql: string,
  values: (number | string)[],
): Promise<Row[]> {
  const [found] = await database.$client.execute<RowDataPacket[][]>(
    { sql, rowsAsArray: true },
    values,
  );
  return found as unknown as Row[];
}

function filling(
  database: Database,
  { versionId, rows, columns }: VersionColumns,
  place: number,
): Filling {
  const { name, kind, decimals, coded, datePattern } = columns[place] as StoredColumn;
  const column = factsColumn(place);
  if (kind === 'date') {
    const days = new Int32Array(rows).fill(missingDay);
    return {
      expression: `TO_DAYS(${column}) - ${daysToEpoch}`,
      put: (row, cell) => void (days[row] = Number(cell)),
      finish: async () => dateColumn(name, days, datePattern),
    };
  }
  if (kind === 'number') {
    const values = new Float64Array(rows).fill(NaN);
    return {
      expression: `CAST(${column} AS DOUBLE)`,
      put: (row, cell) => void (values[row] = Number(cell)),
      finish: async () => numberColumn(name, values, decimals),
    };
  }
  const codes = new Int32Array(rows).fill(-1);
  if (coded)
    return {
      expression: column,
      put: (row, cell) => void (codes[row] = Number(cell)),
      finish: async () => {
        const { words, canonical } = await loadWords(database, versionId, place);
        return textColumn(
          name,
          codes.map((code) => (code < 0 ? -1 : (canonical[code] ?? -1))),
          words,
        );
      },
    };
  const known = new WordList();
  return {
    expression: column,
    put: (row, cell) => void (codes[row] = known.codeOf(String(cell))),
    finish: async () => textColumn(name, codes, known.words),
  };
}

/** Different words in the order in which they came. */
class WordList {
  readonly words: string[] = [];
  private readonly codes = new Map<string, number>();

  codeOf(word: string): number {
    let code = this.codes.get(word);
    if (code === undefined) {
      code = this.words.push(word) - 1;
      this.codes.set(word, code);
    }
    return code;
  }
}

/** The words of a column; a word that was given several codes counts as one. */
export async function loadWords(database: Database, versionId: number, place: number) {
  const known = new WordList();
  const canonical: number[] = [];
  const sql = `SELECT code, word FROM ${wordsTable(versionId)} WHERE place = ? AND code >= ? AND code < ?`;
  for (let from = 0, more = true; more; from += rowsAtOnce) {
    const rows = await slice(database, sql, [place, from, from + rowsAtOnce]);
    for (const [code, word] of rows) canonical[code] = known.codeOf(String(word));
    more = rows.length === rowsAtOnce;
  }
  return { words: known.words, canonical };
}
