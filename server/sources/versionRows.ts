import { and, eq, isNull } from 'drizzle-orm';
import type { CellValue } from '../../core/table';
import { cellAt, type RawColumn, type RowRange } from '../columns';
import { type Database, type StoredColumn, tables } from '../database';
import { type ReadableVersion, readColumns } from './readColumns';

const { sources, sourceVersions } = tables;

/** Rows that are read, and handed on, together: as many as are packed together. */
const rowsAtOnce = 50_000;

/** Rows that stand, as they were typed when they came in. */
export interface StandingTable {
  columns: StoredColumn[];
  count: number;
  /** @param from the number of the first row that is read; missing: 0 */
  batches(from?: number): AsyncGenerator<CellValue[][]>;
}

/** A version's rows, and the version as it is kept. */
export interface VersionRows extends StandingTable {
  kept: ReadableVersion;
}

/** Reads columns of a version, over some of its rows. */
export type ReadCells = (
  version: ReadableVersion,
  places: readonly number[],
  range: RowRange,
) => Promise<RawColumn[]>;

/**
 * Opens a version to be read row by row; null when it was dropped.
 * @param read who reads its columns; missing: whoever asks
 */
export async function openVersionRows(
  database: Database,
  versionId: number,
  read: ReadCells = (...asked) => readColumns(database, ...asked),
): Promise<VersionRows | null> {
  const version = await readableVersion(database, versionId);
  if (!version) return null;
  const { rows: count, columns } = version;
  return { columns, count, batches: (from) => readBatches(version, read, from), kept: version };
}

/** A version as it is read; null when it was dropped. */
async function readableVersion(
  database: Database,
  versionId: number,
): Promise<(ReadableVersion & { columns: StoredColumn[] }) | null> {
  const [version] = await database
    .select({
      rows: sourceVersions.rows,
      columns: sourceVersions.columns,
      pieces: sourceVersions.pieces,
    })
    .from(sourceVersions)
    .where(eq(sourceVersions.id, versionId));
  return version ? { versionId, ...version, pieces: version.pieces ?? [] } : null;
}

/** The rows of a version, a batch at a time. */
export const readRows = (database: Database, version: ReadableVersion) =>
  readBatches(version, (...asked) => readColumns(database, ...asked));

async function* readBatches(
  version: ReadableVersion,
  read: ReadCells,
  first = 0,
): AsyncGenerator<CellValue[][]> {
  const places = version.columns.map((_, place) => place);
  for (let from = first; from < version.rows; from += rowsAtOnce) {
    const to = Math.min(version.rows, from + rowsAtOnce);
    const columns = await read(version, places, { from, to });
    yield Array.from({ length: to - from }, (_, row) =>
      columns.map((column) => cellAt(column, row)),
    );
  }
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
