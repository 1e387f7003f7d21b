import { eq, sql } from 'drizzle-orm';
import type { DeliveryMode } from '../../contract';
import { type CellValue, type ColumnUnderstanding, type Profile, Profiler } from '../../core/table';
import { digitsFor, keptColumns } from '../columns';
import {
  type Database,
  inTransaction,
  isDatabaseAway,
  type Lease,
  type Queries,
  type StoredColumn,
  type StoredPiece,
  takeLease,
  tables,
} from '../database';
import { requireRoom } from '../quotas';
import { mergeTables } from './mergeTables';
import { RowStore } from './rowStore';
import { discardUnfinished, dropOldVersions } from './versions';
import { previewRows, rowAsText } from './rowText';
import type { TypedTable } from './typedTable';
import type { StandingRows } from './versionRows';
import { lostLease, putInPlace } from './putInPlace';
import { type Target, type Delivery, type StoreListener } from './delivery';

const { sources, sourceVersions } = tables;

/**
 * Stores a delivery as a new version of a source, all of it or nothing. Its rows come into tables of
 * their own, which nobody sees before the version is put in place; a lease keeps sweeps away.
 * @param base the rows that the source has, on which the version is built; null for a new source
 * @returns the source's id
 * @throws ProblemError when the rows do not fit those that the source has, Superseded when the source
 *   does not stand on its base any more; no trace of it remains
 */
export async function storeVersion(
  database: Database,
  target: Target,
  base: StandingRows | null,
  delivery: Delivery,
  listener: StoreListener = {},
): Promise<number> {
  const table = wholeTable(target, base, delivery.table);
  await requireRoomForRows(database, target.ownerId, table.rows);
  const how = await howRead(database, target, delivery);
  const { versionId, lease } = await beginVersion(
    database,
    { ...delivery, ...how },
    { target, builtOn: base?.versionId ?? null },
  );
  listener.onBegun?.(versionId);
  const sourceId = await placed().catch(async (error: unknown) => {
    // What cannot be asked now is left to the next sweep, which finds it by its lease.
    if (isDatabaseAway(error)) lease.letLapse();
    else await clearAway(database, versionId, lease);
    throw error;
  });
  await lease.release();
  await dropOldVersions(database, sourceId);
  return sourceId;

  async function placed() {
    const pieces = await storeRows(database, versionId, table, lease, listener);
    return putInPlace(database, { versionId, pieces }, target, base, lease);
  }
}

/** @throws Refusal 422 when the sources of a person would have more rows than they may */
async function requireRoomForRows(database: Database, ownerId: number, adding: number) {
  const [found] = await database
    .select({
      all: sql`COALESCE(SUM(${sourceVersions.rows}), 0)`.mapWith(Number),
      living:
        sql`COALESCE(SUM(IF(${sources.deletedAt} IS NULL, ${sourceVersions.rows}, 0)), 0)`.mapWith(
          Number,
        ),
    })
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.sourceId, sources.id))
    .where(eq(sources.ownerId, ownerId));
  requireRoom('rows', found ?? { all: 0 }, adding);
}

/** Removes what was begun of a version, unless it has come into place after all. */
async function clearAway(database: Database, versionId: number, lease: Lease) {
  try {
    await discardUnfinished(database, versionId);
    await lease.release();
  } catch (left) {
    lease.letLapse();
    console.error(`version ${versionId} is left to the next sweep:`, left);
  }
}

/** The rows as they will stand: those delivered, and what stays of those that the source has. */
function wholeTable(target: Target, base: StandingRows | null, delivered: TypedTable) {
  if ('name' in target || !base || !isMerged(target.mode)) return delivered;
  return mergeTables(base.rows, delivered, target);
}

/** Whether rows of the source stay beside those that are delivered. */
export const isMerged = (mode: DeliveryMode) => mode === 'append' || mode === 'update';

/** Rows corrected by hand say nothing of how files are read: what was said of the last one stays. */
async function howRead(
  database: Database,
  target: Target,
  { form, uploadId }: Delivery,
): Promise<Pick<Delivery, 'form' | 'uploadId'>> {
  if ('name' in target || target.mode !== 'correct') return { form, uploadId };
  const [standing] = await database
    .select({ form: sourceVersions.form })
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.id, sources.versionId))
    .where(eq(sources.id, target.sourceId));
  return { form: standing?.form ?? form, uploadId: null };
}

/** Begins a version; its lease is there before anybody else can see it. */
async function beginVersion(
  database: Database,
  { fileName, uploadId, form, doubts, table }: Delivery,
  { target, builtOn }: { target: Target; builtOn: number | null },
) {
  const mode = 'mode' in target ? target.mode : 'replace';
  let held: Lease | null = null;
  const begin = async (change: Queries) => {
    // One that is begun anew has another id.
    await held?.release();
    const [{ insertId }] = await change.insert(sourceVersions).values({
      sourceId: 0,
      fileName,
      mode,
      uploadId,
      builtOn,
      doubts,
      form,
      personId: target.ownerId,
      rows: table.rows,
      columns: storedColumns(table.columns, table.found),
      format: parquetParts,
      ready: false,
      createdAt: new Date(),
    });
    held = await takeLease(database, { kind: 'version', subject: insertId });
    if (!held) throw new Error(`Version ${insertId} is held by somebody else.`);
    return { versionId: insertId, lease: held };
  };
  try {
    return await inTransaction(database, begin);
  } catch (error) {
    await (held as Lease | null)?.release();
    throw error;
  }
}

/** The format of versions whose rows are kept as parts of Parquet files. */
export const parquetParts = 1;

/** How the columns of a table are kept, with what its rows hold in each. */
export const storedColumns = (
  columns: readonly ColumnUnderstanding[],
  found: readonly Profile[],
): StoredColumn[] =>
  columns.map((column, place) => {
    const { decimals = 0, largest = 0, distinct = 0 } = found[place] ?? {};
    const digits = digitsFor(column.kind, { decimals, largest });
    return { ...column, decimals, words: distinct, ...(digits > 0 && { digits }) };
  });

/** Writes the rows, and looks at them again as they stand together. */
async function storeRows(
  database: Database,
  versionId: number,
  table: TypedTable,
  lease: Lease,
  { onProgress }: StoreListener,
): Promise<StoredPiece[]> {
  const { columns, found } = table;
  const kept = storedColumns(columns, found);
  const store = new RowStore(
    database,
    versionId,
    keptColumns(kept),
    table.rows,
    (taken, stored) => {
      if (lease.lost.aborted) throw lostLease();
      // To take a row is as much of the work as to keep it.
      onProgress?.(Math.floor((taken + stored) / 2), table.rows);
    },
  );
  // What stands alone has been looked at already; what was put together is looked at here.
  const profilers = table.together ? columns.map(({ kind }) => new Profiler(kind)) : [];
  const first: (readonly CellValue[])[] = [];
  for await (const batch of table.batches()) {
    if (first.length < previewRows) first.push(...batch.slice(0, previewRows - first.length));
    for (const values of batch)
      for (let place = 0; place < profilers.length; place += 1)
        profilers[place]?.add(values[place] ?? null);
    await store.add(batch);
  }
  const pieces = await store.finish();
  const profiles = table.together ? profilers.map((profiler) => profiler.finish()) : found;
  const stored = kept.map((column, place) => {
    const { blank, distinct, range, bins, common } = profiles[place] as Profile;
    const doubtful = (found[place] as { doubtful?: number } | undefined)?.doubtful ?? 0;
    return {
      ...column,
      words: distinct,
      profile: { blank, doubtful, distinct, range, bins, common },
    };
  });
  const rows = pieces.reduce((sum, piece) => sum + piece.rows, 0);
  const preview = first.map((cells) => rowAsText(cells, kept));
  await database
    .update(sourceVersions)
    .set({ rows, columns: stored, pieces, preview })
    .where(eq(sourceVersions.id, versionId));
  return pieces;
}
