import { and, desc, eq, isNull } from 'drizzle-orm';
import type { Connection } from 'mysql2/promise';
import type { FileForm, Understanding } from '../../contract';
import { ProblemError } from '../../core/values';
import { type Database, tables } from '../database';
import type { OpenFile } from './csvRows';
import { dropFactsTable, factsRow, factsTable, makeFactsTable, storedColumns } from './facts';
import { readRows, understandFile, type WholeForm } from './understand';

const { sources, sourceVersions } = tables;

/** Older versions than these are dropped once a new one stands. */
const keptVersions = 5;
const batchRows = 1000;

/** Where a file goes: into a new source, or in the place of what a source holds. */
export type Target = { ownerId: number } & ({ name: string } | { sourceId: number });

/**
 * Brings a file in as a new version of a source, all of it or nothing.
 * @param onProgress is told how many rows stand
 * @returns the source's id
 * @throws ProblemError when the file cannot be read; no trace of it remains
 */
export async function storeVersion(
  database: Database,
  target: Target,
  file: { fileName: string; open: OpenFile; form: FileForm },
  onProgress: (rows: number, ofRows: number) => void = () => {},
): Promise<number> {
  const understanding = await understandFile(file.open, file.form);
  if (!understanding.columns?.some(({ kind }) => kind === 'date')) {
    const sentence =
      'No column holds dates, so nothing could be drawn over time. Choose the date column and how its dates are written.';
    throw new ProblemError({ code: 'no-date-column', sentence });
  }
  await sweepUnfinished(database);
  const connection = await database.$client.getConnection();
  const versionId = await beginVersion(database, connection, file.fileName, understanding);
  try {
    await makeFactsTable(connection, versionId, understanding);
    await connection.beginTransaction();
    await insertRows(connection, versionId, file.open, understanding, onProgress);
    const sourceId = await putInPlace(connection, versionId, target);
    await connection.commit();
    await dropOldVersions(database, sourceId);
    return sourceId;
  } catch (error) {
    await connection.rollback();
    await discardVersion(database, versionId);
    throw error;
  } finally {
    connection.destroy();
  }
}

const lockName = (versionId: number) => `stand mark version ${versionId}`;

/** Between a version's row and its lock no sweep may look. */
const beginning = 'stand mark version begins';

/** Begins a version under a lock that is held while its rows come in, so that no sweep takes it. */
async function beginVersion(
  database: Database,
  connection: Connection,
  fileName: string,
  understanding: Understanding,
) {
  await connection.query('SELECT GET_LOCK(?, 60)', [beginning]);
  const { encoding, delimiter, decimalMark, zone, columns } = understanding;
  const [{ insertId }] = await database.insert(sourceVersions).values({
    sourceId: 0,
    fileName,
    rows: understanding.rows,
    columns: storedColumns(understanding),
    form: { encoding, delimiter, decimalMark, zone, columns },
    ready: false,
    createdAt: new Date(),
  });
  await connection.query('SELECT GET_LOCK(?, 0), RELEASE_LOCK(?)', [lockName(insertId), beginning]);
  return insertId;
}

async function insertRows(
  connection: Connection,
  versionId: number,
  open: OpenFile,
  understanding: Understanding,
  onProgress: (rows: number, ofRows: number) => void,
) {
  const columns = storedColumns(understanding);
  let batch: unknown[][] = [];
  let stored = 0;
  const flush = async () => {
    if (batch.length === 0) return;
    await connection.query('INSERT INTO ?? VALUES ?', [factsTable(versionId), batch]);
    stored += batch.length;
    onProgress(stored, understanding.rows);
    batch = [];
  };
  for await (const { values } of readRows(open, understanding as WholeForm)) {
    batch.push(factsRow(stored + batch.length, values, columns));
    if (batch.length >= batchRows) await flush();
  }
  await flush();
}

/** Makes the new version the one its source stands on, in the transaction that holds its rows. */
async function putInPlace(connection: Connection, versionId: number, target: Target) {
  let sourceId = 'sourceId' in target ? target.sourceId : 0;
  if ('name' in target) {
    const [made] = await connection.execute(
      'INSERT INTO sources (owner_id, name, created_at) VALUES (?, ?, UTC_TIMESTAMP(3))',
      [target.ownerId, target.name],
    );
    sourceId = (made as { insertId: number }).insertId;
  }
  await connection.execute('UPDATE source_versions SET source_id = ?, ready = 1 WHERE id = ?', [
    sourceId,
    versionId,
  ]);
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

/** Removes what an unfinished version has left. */
async function discardVersion(database: Database, versionId: number): Promise<void> {
  await dropFactsTable(database.$client, versionId);
  await database.delete(sourceVersions).where(eq(sourceVersions.id, versionId));
}

/**
 * Removes versions whose bring-in was stopped or killed: nobody holds their lock.
 * @param waitSeconds how long the database may take to notice that a holder is gone
 */
export async function sweepUnfinished(database: Database, waitSeconds = 0): Promise<void> {
  const connection = await database.$client.getConnection();
  const unfinished = (id?: number) =>
    database
      .select({ id: sourceVersions.id })
      .from(sourceVersions)
      .where(
        and(
          eq(sourceVersions.ready, false),
          id === undefined ? undefined : eq(sourceVersions.id, id),
        ),
      );
  try {
    await connection.query('SELECT GET_LOCK(?, 60)', [beginning]);
    const left = await unfinished();
    await connection.query('SELECT RELEASE_LOCK(?)', [beginning]);
    for (const { id } of left) {
      const [rows] = await connection.query('SELECT GET_LOCK(?, ?) AS held', [
        lockName(id),
        waitSeconds,
      ]);
      if ((rows as { held: number }[])[0]?.held !== 1) continue;
      // It may have become whole while its lock was waited for.
      if ((await unfinished(id)).length > 0) await discardVersion(database, id);
    }
  } finally {
    connection.destroy();
  }
}

async function dropOldVersions(database: Database, sourceId: number) {
  const versions = await database
    .select({ id: sourceVersions.id })
    .from(sourceVersions)
    .where(eq(sourceVersions.sourceId, sourceId))
    .orderBy(desc(sourceVersions.id));
  for (const { id } of versions.slice(keptVersions)) await discardVersion(database, id);
}

/** Stands a source on one of its earlier versions again. */
export async function useVersion(
  database: Database,
  sourceId: number,
  versionId: number,
): Promise<boolean> {
  const own = and(
    eq(sourceVersions.id, versionId),
    eq(sourceVersions.sourceId, sourceId),
    eq(sourceVersions.ready, true),
  );
  const [version] = await database
    .select({ id: sourceVersions.id })
    .from(sourceVersions)
    .where(own);
  if (!version) return false;
  await database
    .update(sources)
    .set({ versionId })
    .where(and(eq(sources.id, sourceId), isNull(sources.deletedAt)));
  return true;
}
