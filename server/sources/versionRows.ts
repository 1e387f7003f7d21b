import { and, eq, isNull } from 'drizzle-orm';
import type { RowDataPacket } from 'mysql2/promise';
import type { CellValue } from '../../core/table';
import { type Database, type StoredColumn, tables } from '../database';
import { factsColumn, factsTable, wordsTable } from './facts';

const { sources, sourceVersions } = tables;

const rowsAtOnce = 50_000;

/** MariaDB counts days from the year 0. */
const daysToEpoch = 719_528;

/** A version's rows, as they were typed when they came in. */
export interface VersionRows {
  columns: StoredColumn[];
  count: number;
  batches(): AsyncGenerator<CellValue[][]>;
}

/** Opens a version to be read row by row; null when it was dropped. */
export async function openVersionRows(
  database: Database,
  versionId: number,
): Promise<VersionRows | null> {
  const [version] = await database
    .select({ rows: sourceVersions.rows, columns: sourceVersions.columns })
    .from(sourceVersions)
    .where(eq(sourceVersions.id, versionId));
  if (!version) return null;
  const { rows: count, columns } = version;
  return { columns, count, batches: () => readBatches(database, versionId, columns, count) };
}

async function* readBatches(
  database: Database,
  versionId: number,
  columns: readonly StoredColumn[],
  count: number,
): AsyncGenerator<CellValue[][]> {
  const words = await readWords(database, versionId);
  const list = columns.map(({ kind }, place) => expressionOf(kind, factsColumn(place)));
  let read = 0;
  const sql = `SELECT ${list.join(', ')} FROM ${factsTable(versionId)} WHERE \`row\` >= ? AND \`row\` < ? ORDER BY \`row\``;
  for (let from = 0; from < count; from += rowsAtOnce) {
    const [rows] = await database.$client.execute<RowDataPacket[][]>({ sql, rowsAsArray: true }, [
      from,
      from + rowsAtOnce,
    ]);
    const found = rows as unknown as (number | string | null)[][];
    read += found.length;
    yield found.map((cells) =>
      cells.map((cell, place) => {
        if (cell === null) return null;
        const { kind, coded } = columns[place] as StoredColumn;
        if (kind !== 'text') return Number(cell);
        return coded ? (words.get(`${place} ${cell}`) ?? null) : String(cell);
      }),
    );
  }
  if (read !== count) throw new Error(`version ${versionId} has ${read} rows of ${count}`);
}

function expressionOf(kind: StoredColumn['kind'], column: string): string {
  if (kind === 'date') return `TO_DAYS(${column}) - ${daysToEpoch}`;
  return kind === 'number' ? `CAST(${column} AS DOUBLE)` : column;
}

async function readWords(database: Database, versionId: number): Promise<Map<string, string>> {
  const [rows] = await database.$client.execute<RowDataPacket[][]>({
    sql: `SELECT place, code, word FROM ${wordsTable(versionId)}`,
    rowsAsArray: true,
  });
  const found = rows as unknown as [number, number, string][];
  return new Map(found.map(([place, code, word]) => [`${place} ${code}`, word]));
}

/** The rows that a source has now. */
export interface StandingRows {
  name: string;
  versionId: number;
  rows: VersionRows;
}

/** Opens the version that a source stands on; null when the source is gone. */
export async function openStandingRows(
  database: Database,
  sourceId: number,
): Promise<StandingRows | null> {
  const [source] = await database
    .select({ name: sources.name, versionId: sources.versionId })
    .from(sources)
    .where(and(eq(sources.id, sourceId), isNull(sources.deletedAt)));
  const versionId = source?.versionId ?? null;
  const rows = versionId === null ? null : await openVersionRows(database, versionId);
  return source && versionId !== null && rows ? { name: source.name, versionId, rows } : null;
}
