import { eq } from 'drizzle-orm';
import type { DeliveryMode } from '../../contract';
import type { CellValue, ColumnUnderstanding, Profile } from '../../core/table';
import { digitsFor, type KeptColumn, keptColumns } from '../columns';
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
import { bytesOfPerson, requireRoom, rowsOfPerson } from '../quotas';
import { lookAtRows } from './lookAtRows';
import { PassingRows } from './passingRows';
import type { ReadableVersion } from './readColumns';
import { RowStore } from './rowStore';
import { discardUnfinished, dropOldVersions } from './versions';
import { previewRows, rowAsText } from './rowText';
import { readRows, type StandingRows } from './versionRows';
import { lostLease, putInPlace } from './putInPlace';
import { type Target, type Delivery, type StoreListener } from './delivery';

const { sources, sourceVersions } = tables;

/**
 * Stores a delivery as a new version of a source, all of it or nothing. Nobody sees
 * its rows before the version is put in place; a lease keeps sweeps away.
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
  const { table } = delivery;
  requireRoom('rows', await rowsOfPerson(database, target.ownerId), table.rows);
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
    const { rows, pieces } = await storeRows(database, versionId, delivery, lease, listener);
    // More may have come than was known before.
    requireRoom('rows', await rowsOfPerson(database, target.ownerId), rows);
    const bytes = pieces.reduce((sum, piece) => sum + piece.bytes, 0);
    requireRoom('bytes', await bytesOfPerson(database, target.ownerId), bytes);
    return putInPlace(database, { versionId, pieces }, target, base, lease);
  }
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
  { fileName, uploadId, form, table }: Delivery,
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
      form,
      personId: target.ownerId,
      rows: table.rows,
      columns: storedColumns(table.columns, table.found ?? []),
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

/** Writes the rows, and looks at those that nobody has looked at together. */
async function storeRows(
  database: Database,
  versionId: number,
  { table, doubts }: Delivery,
  lease: Lease,
  { onProgress }: StoreListener,
): Promise<{ rows: number; pieces: StoredPiece[] }> {
  const { columns, found } = table;
  const known = found ? keptColumns(storedColumns(columns, found)) : null;
  const kinds = columns.map(({ kind }) => kind);
  const store = new RowStore(database, versionId, kinds, known, table.rows, (taken, stored) => {
    if (lease.lost.aborted) throw lostLease();
    // To take a row is as much of the work as to keep it.
    onProgress?.(Math.floor((taken + stored) / 2), Math.max(table.rows, taken));
  });
  const passing = new PassingRows(store, found ? null : kinds);
  await table.write(passing);
  const { rows, pieces, kept } = await store.finish();
  const plain = columns.map((column, place): StoredColumn => {
    const { decimals, digits } = kept[place] as KeptColumn;
    return { ...column, decimals, words: 0, ...(digits > 0 && { digits }) };
  });
  const version = { versionId, rows, pieces, columns: plain };
  const profiles = found ?? passing.profiles() ?? (await lookAtRows(database, version));
  const odd = doubts();
  const stored = plain.map((column, place) => {
    const { blank, distinct, range, bins, common } = profiles[place] as Profile;
    const doubtful = odd.byColumn[column.name] ?? 0;
    return {
      ...column,
      words: distinct,
      profile: { blank, doubtful, distinct, range, bins, common },
    };
  });
  const first = passing.first ?? (await firstRows(database, version));
  const preview = first.map((cells) => rowAsText(cells, plain));
  const { total, listed } = odd;
  await database
    .update(sourceVersions)
    .set({ rows, columns: stored, pieces, preview, doubts: { total, listed } })
    .where(eq(sourceVersions.id, versionId));
  return { rows, pieces };
}

/** The first rows of a version that is written. */
async function firstRows(database: Database, version: ReadableVersion): Promise<CellValue[][]> {
  for await (const batch of readRows(database, version)) return batch.slice(0, previewRows);
  return [];
}
