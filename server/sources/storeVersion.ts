import { eq } from 'drizzle-orm';
import type { Connection } from 'mysql2/promise';
import type { DeliveryMode, FileForm } from '../../contract';
import { type CellValue, type ColumnUnderstanding, type Profile, Profiler } from '../../core/table';
import { ProblemError } from '../../core/values';
import { type Database, type Lease, type StoredDoubts, takeLease, tables } from '../database';
import { makeFactsTable, storedColumns } from './facts';
import { mergeTables } from './mergeTables';
import { RowLoader } from './rowLoader';
import { discardVersion, dropOldVersions } from './versions';
import { openStandingRows } from './versionRows';

const { sources, sourceVersions } = tables;

/** Where a delivery goes: into a new source, or to the rows that a source has. */
export type Target = { ownerId: number } & (
  { name: string } | { sourceId: number; mode: DeliveryMode; keys: readonly string[] }
);

/** Typed rows, ready to be stored. */
export interface TypedTable {
  columns: readonly ColumnUnderstanding[];
  /** what the rows hold, by column */
  found: readonly Profile[];
  rows: number;
  /** put together of rows that were looked at apart: what they hold together is not known yet */
  together?: boolean;
  batches(): AsyncIterable<readonly (readonly CellValue[])[]>;
}

/** A table that was delivered, and where it came from. */
export interface Delivery {
  fileName: string;
  uploadId: string | null;
  form: FileForm;
  doubts: StoredDoubts;
  table: TypedTable;
}

/** What is told while a delivery is stored. */
export interface StoreListener {
  /** the version that is begun, for whoever has to clear it away when this is stopped */
  onBegun?: (versionId: number) => void;
  onProgress?: (rows: number, ofRows: number) => void;
}

/**
 * Stores a delivery as a new version of a source, all of it or nothing. Its rows come into tables of
 * their own, which nobody sees before the version is put in place; a lease keeps sweeps away.
 * @returns the source's id
 * @throws ProblemError when the rows do not fit those that the source has; no trace of it remains
 */
export async function storeVersion(
  database: Database,
  target: Target,
  delivery: Delivery,
  listener: StoreListener = {},
): Promise<number> {
  const mode = 'mode' in target ? target.mode : 'replace';
  const table = await wholeTable(database, target, delivery.table);
  const how = await howRead(database, target, delivery);
  const { versionId, lease } = await beginVersion(
    database,
    { ...delivery, ...how },
    mode,
    target.ownerId,
  );
  listener.onBegun?.(versionId);
  try {
    await storeRows(database, versionId, table, lease, listener);
    const sourceId = await putInPlace(database, versionId, target, lease);
    await dropOldVersions(database, sourceId);
    return sourceId;
  } catch (error) {
    await discardVersion(database, versionId).catch((left: unknown) =>
      console.error(`version ${versionId} is left to the next sweep:`, left),
    );
    throw error;
  } finally {
    await lease.release();
  }
}

/** The rows as they will stand: those delivered, and what stays of those that the source has. */
async function wholeTable(database: Database, target: Target, delivered: TypedTable) {
  if ('name' in target || target.mode === 'replace' || target.mode === 'correct') return delivered;
  const standing = await openStandingRows(database, target.sourceId);
  return standing ? mergeTables(standing.rows, delivered, target) : delivered;
}

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
  mode: DeliveryMode,
  personId: number,
) {
  return database.transaction(async (change) => {
    const [{ insertId }] = await change.insert(sourceVersions).values({
      ...{ sourceId: 0, fileName, mode, uploadId, personId, doubts, form },
      ...{ rows: table.rows, columns: storedColumns(table.columns, table.found) },
      ...{ ready: false, createdAt: new Date() },
    });
    const lease = await takeLease(database, { kind: 'version', subject: insertId });
    if (!lease) throw new Error(`Version ${insertId} is held by somebody else.`);
    return { versionId: insertId, lease };
  });
}

/** Writes the rows, and looks at them again as they stand together. */
async function storeRows(
  database: Database,
  versionId: number,
  table: TypedTable,
  lease: Lease,
  { onProgress }: StoreListener,
) {
  const { columns, found } = table;
  const rooms = columns.map(({ kind }, place) => ({
    ...{ kind, decimals: found[place]?.decimals ?? 0, largest: found[place]?.largest ?? 0 },
    empty: (found[place]?.distinct ?? 0) === 0,
  }));
  await makeFactsTable(database.$client, versionId, rooms);
  const kinds = columns.map(({ kind }) => kind);
  const loader = new RowLoader(database, versionId, kinds, (rows) => {
    if (lease.lost.aborted) throw lostLease();
    onProgress?.(rows, table.rows);
  });
  // What stands alone has been looked at already; what was put together is looked at here.
  const profilers = table.together ? kinds.map((kind) => new Profiler(kind)) : [];
  for await (const batch of table.batches()) {
    for (const values of batch)
      for (let place = 0; place < profilers.length; place += 1)
        profilers[place]?.add(values[place] ?? null);
    await loader.add(batch);
  }
  const rows = await loader.finish();
  const profiles = table.together ? profilers.map((profiler) => profiler.finish()) : found;
  const stored = storedColumns(columns, profiles).map((column, place) => {
    const { blank, distinct, range, bins, common } = profiles[place] as Profile;
    const doubtful = (found[place] as { doubtful?: number } | undefined)?.doubtful ?? 0;
    return { ...column, profile: { blank, doubtful, distinct, range, bins, common } };
  });
  await database
    .update(sourceVersions)
    .set({ rows, columns: stored })
    .where(eq(sourceVersions.id, versionId));
}

const lostLease = () =>
  new ProblemError({
    code: 'interrupted',
    sentence: 'Bringing the file in was interrupted for too long. Bring it in again.',
  });

/** Makes the new version the one its source stands on. */
async function putInPlace(database: Database, versionId: number, target: Target, lease: Lease) {
  const connection = await database.$client.getConnection();
  try {
    await connection.beginTransaction();
    const sourceId = await placeVersion(connection, versionId, target);
    if (lease.lost.aborted) throw lostLease();
    await connection.commit();
    return sourceId;
  } catch (error) {
    await connection.rollback();
    throw error;
  } finally {
    connection.release();
  }
}

async function placeVersion(connection: Connection, versionId: number, target: Target) {
  let sourceId = 'sourceId' in target ? target.sourceId : 0;
  if ('name' in target) {
    const [made] = await connection.execute(
      'INSERT INTO sources (owner_id, name, created_at) VALUES (?, ?, UTC_TIMESTAMP(3))',
      [target.ownerId, target.name],
    );
    sourceId = (made as { insertId: number }).insertId;
  }
  const [readied] = await connection.execute(
    'UPDATE source_versions SET source_id = ?, ready = 1 WHERE id = ?',
    [sourceId, versionId],
  );
  if ((readied as { affectedRows: number }).affectedRows === 0) throw lostLease();
  const [moved] = await connection.execute(
    'UPDATE sources SET version_id = ? WHERE id = ? AND owner_id = ? AND deleted_at IS NULL',
    [versionId, sourceId, target.ownerId],
  );
  if ((moved as { affectedRows: number }).affectedRows === 0)
    throw new ProblemError({
      code: 'not-found',
      sentence: 'The source is gone. Bring the file in as a new one.',
    });
  return sourceId;
}
