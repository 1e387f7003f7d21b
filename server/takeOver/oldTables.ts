import type { RowDataPacket } from 'mysql2/promise';
import type { CellValue } from '../../core/table';
import type { Database, StoredColumn } from '../database';

/*
 * Reads versions whose rows are kept in tables of their own, as all were before. Nothing else reads
 * those, and nothing writes them.
 */

const rowsAtOnce = 50_000;

/** MariaDB counts days from the year 0. */
const daysToEpoch = 719_528;

const factsTable = (versionId: number) => `facts_${versionId}`;
const wordsTable = (versionId: number) => `words_${versionId}`;
const factsColumn = (place: number) => `c${place}`;

/** A version whose rows are in tables of their own. */
export interface OldVersion {
  id: number;
  rows: number;
  columns: StoredColumn[];
}

/** The names of all such tables. */
export async function oldTables(database: Database): Promise<string[]> {
  const found = await select<string>(
    database,
    "SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name REGEXP '^(facts|words)_[0-9]+$'",
  );
  return found.map(([name]) => name as string);
}

/** The rows of a version, as they were typed when they came in. */
export async function* oldRows(
  database: Database,
  { id, rows, columns }: OldVersion,
): AsyncGenerator<CellValue[][]> {
  const coded = columns.some((column) => column.coded);
  const words = coded ? await oldWords(database, id) : new Map<string, string>();
  const list = columns.map(({ kind }, place) => expressionOf(kind, factsColumn(place)));
  for (let from = 0; from < rows; from += rowsAtOnce) {
    const found = await select<number | string | null>(
      database,
      `SELECT ${list.join(', ')} FROM ${factsTable(id)} WHERE \`row\` >= ${from} AND \`row\` < ${from + rowsAtOnce} ORDER BY \`row\``,
    );
    yield found.map((cells) =>
      cells.map((cell, place) => {
        if (cell === null) return null;
        const column = columns[place] as StoredColumn;
        if (column.kind !== 'text') return Number(cell);
        return column.coded ? (words.get(`${place} ${cell}`) ?? null) : String(cell);
      }),
    );
  }
}

/** What the database itself says of each column of a version. */
export async function oldTotals(database: Database, { id, columns }: OldVersion) {
  const list = columns.map(({ kind, coded }, place) => {
    const name = factsColumn(place);
    if (kind === 'date') return `COUNT(${name}), SUM(TO_DAYS(${name}) - ${daysToEpoch}), NULL`;
    if (kind === 'number')
      return `COUNT(${name}), CAST(SUM(${name}) AS CHAR), CAST(MAX(ABS(${name})) AS DOUBLE)`;
    const length = coded
      ? `(SELECT OCTET_LENGTH(word) FROM ${wordsTable(id)} WHERE place = ${place} AND code = ${name})`
      : `OCTET_LENGTH(${name})`;
    return `COUNT(${name}), SUM(${length}), NULL`;
  });
  const [totals = []] = await select<number | string | null>(
    database,
    `SELECT COUNT(*), ${list.join(', ')} FROM ${factsTable(id)}`,
  );
  const [rows, ...cells] = totals;
  return {
    rows: Number(rows),
    columns: columns.map((_, place) => {
      const [there, sum, largest] = cells.slice(3 * place, 3 * place + 3);
      return { there: Number(there), sum: Number(sum ?? 0), largest: Number(largest ?? 0) };
    }),
  };
}

async function oldWords(database: Database, id: number): Promise<Map<string, string>> {
  const found = await select<number | string>(
    database,
    `SELECT place, code, word FROM ${wordsTable(id)}`,
  );
  return new Map(found.map(([place, code, word]) => [`${place} ${code}`, String(word)]));
}

function expressionOf(kind: StoredColumn['kind'], column: string): string {
  if (kind === 'date') return `TO_DAYS(${column}) - ${daysToEpoch}`;
  return kind === 'number' ? `CAST(${column} AS DOUBLE)` : column;
}

async function select<Cell>(database: Database, sql: string): Promise<Cell[][]> {
  const [rows] = await database.$client.query<RowDataPacket[][]>({ sql, rowsAsArray: true });
  return rows as unknown as Cell[][];
}
