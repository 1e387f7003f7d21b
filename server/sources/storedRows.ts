import { naturalOrder } from '../../core/table';
import type { Database, StoredColumn } from '../database';
import { factsColumn, factsTable, wordsTable } from './facts';

/** How many rows a source's page shows, and how many words a split may have. */
const most = { rows: 8, words: 200 };

/** The first rows of a version, as text; null where a cell is blank. */
export async function firstRows(
  database: Database,
  versionId: number,
  columns: readonly StoredColumn[],
): Promise<(string | null)[][]> {
  const sql = `SELECT * FROM ${factsTable(versionId)} ORDER BY \`row\` LIMIT ${most.rows}`;
  return rowsAsText(database, { versionId, columns }, sql);
}

/**
 * Rows of a version's facts as text; null where a cell is blank.
 * @param sql selects all columns of the facts table, its row number first
 */
export async function rowsAsText(
  database: Database,
  { versionId, columns }: { versionId: number; columns: readonly StoredColumn[] },
  sql: string,
  values: unknown[] = [],
): Promise<(string | null)[][]> {
  const rows = await select<unknown[]>(database, sql, values);
  const words = await wordsIn(database, versionId, columns, rows);
  return rows.map(([, ...cells]) =>
    columns.map(({ coded }, place) => {
      const cell = cells[place] ?? null;
      if (cell === null) return null;
      return coded ? (words.get(`${place} ${String(cell)}`) ?? null) : String(cell);
    }),
  );
}

/** The words behind the codes of a few rows, by place and code. */
async function wordsIn(
  database: Database,
  versionId: number,
  columns: readonly StoredColumn[],
  rows: readonly unknown[][],
): Promise<Map<string, string>> {
  const codes = columns.flatMap(({ coded }, place) =>
    coded ? rows.flatMap((row) => (row[place + 1] === null ? [] : [[place, row[place + 1]]])) : [],
  );
  if (codes.length === 0) return new Map();
  const found = await select<[number, number, string]>(
    database,
    `SELECT place, code, word FROM ${wordsTable(versionId)} WHERE (place, code) IN (?)`,
    [codes],
  );
  return new Map(found.map(([place, code, word]) => [`${place} ${code}`, word]));
}

/** The words of a text column: in the order that was set, else in the one they have by themselves. */
export async function wordsOf(
  database: Database,
  versionId: number,
  columns: readonly StoredColumn[],
  place: number,
): Promise<string[]> {
  const column = factsColumn(place);
  const found = columns[place]?.coded
    ? await select<[string]>(
        database,
        `SELECT DISTINCT word FROM ${wordsTable(versionId)} WHERE place = ? ORDER BY word LIMIT ${most.words}`,
        [place],
      )
    : await select<[string]>(
        database,
        `SELECT DISTINCT ${column} FROM ${factsTable(versionId)} WHERE ${column} IS NOT NULL ORDER BY ${column} LIMIT ${most.words}`,
      );
  const words = naturalOrder(found.map(([word]) => word));
  const set = (columns[place]?.order ?? []).filter((word) => words.includes(word));
  return [...set, ...words.filter((word) => !set.includes(word))];
}

async function select<Row>(database: Database, sql: string, values: unknown[] = []) {
  const [rows] = await database.$client.query(
    { sql, rowsAsArray: true, dateStrings: true },
    values,
  );
  return rows as Row[];
}
