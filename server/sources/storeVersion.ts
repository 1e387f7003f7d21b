import type { Connection } from 'mysql2/promise';
import type { FileForm, Understanding } from '../../contract';
import { ProblemError } from '../../core/values';
import { type Database, type Lease, takeLease, tables } from '../database';
import type { OpenFile } from './csvRows';
import {
  factsRow,
  factsTable,
  makeFactsTable,
  storedColumns,
  WordCodes,
  wordsTable,
} from './facts';
import { readRows, understandFile, type WholeForm } from './understand';
import { discardVersion, dropOldVersions } from './versions';

const { sourceVersions } = tables;

const batchRows = 2000;

/** Where a file goes: into a new source, or in the place of what a source holds. */
export type Target = { ownerId: number } & ({ name: string } | { sourceId: number });

/** What is told while a file is stored. */
export interface StoreListener {
  /** the version that is begun, for whoever has to clear it away when this is stopped */
  onBegun?: (versionId: number) => void;
  onProgress?: (rows: number, ofRows: number) => void;
}

/**
 * Brings a file in as a new version of a source, all of it or nothing. Its rows come into tables of
 * their own, which nobody sees before the version is put in place; a lease keeps sweeps away.
 * @returns the source's id
 * @throws ProblemError when the file cannot be read; no trace of it remains
 */
export async function storeVersion(
  database: Database,
  target: Target,
  file: { fileName: string; open: OpenFile; form: FileForm },
  listener: StoreListener = {},
): Promise<number> {
  const understanding = await understandFile(file.open, file.form);
  if (!understanding.columns?.some(({ kind }) => kind === 'date')) {
    const sentence =
      'No column holds dates, so nothing could be drawn over time. Choose the date column and how its dates are written.';
    throw new ProblemError({ code: 'no-date-column', sentence });
  }
  const { versionId, lease } = await beginVersion(database, file.fileName, understanding);
  listener.onBegun?.(versionId);
  try {
    await makeFactsTable(database.$client, versionId, understanding);
    await insertRows(database, versionId, file.open, understanding, listener, lease);
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

/** Begins a version; its lease is there before anybody else can see it. */
async function beginVersion(database: Database, fileName: string, understanding: Understanding) {
  const { encoding, delimiter, decimalMark, zone, columns } = understanding;
  return database.transaction(async (change) => {
    const [{ insertId }] = await change.insert(sourceVersions).values({
      sourceId: 0,
      fileName,
      rows: understanding.rows,
      columns: storedColumns(understanding),
      form: { encoding, delimiter, decimalMark, zone, columns },
      ready: false,
      createdAt: new Date(),
    });
    const lease = await takeLease(database, { kind: 'version', subject: insertId });
    if (!lease) throw new Error(`Version ${insertId} is held by somebody else.`);
    return { versionId: insertId, lease };
  });
}

async function insertRows(
  database: Database,
  versionId: number,
  open: OpenFile,
  understanding: Understanding,
  { onProgress }: StoreListener,
  lease: Lease,
) {
  const columns = storedColumns(understanding);
  const words = new WordCodes();
  let batch: unknown[][] = [];
  let stored = 0;
  const insert = async (table: string, rows: unknown[][]) => {
    if (rows.length > 0) await database.$client.query('INSERT INTO ?? VALUES ?', [table, rows]);
  };
  const flush = async () => {
    if (lease.lost.aborted) throw lostLease();
    await insert(wordsTable(versionId), words.takeFresh());
    await insert(factsTable(versionId), batch);
    stored += batch.length;
    onProgress?.(stored, understanding.rows);
    batch = [];
  };
  for await (const { values } of readRows(open, understanding as WholeForm)) {
    batch.push(factsRow(stored + batch.length, values, columns, words));
    if (batch.length >= batchRows) await flush();
  }
  await flush();
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
