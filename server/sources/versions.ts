import { and, desc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import { type Database, tables, takeLease } from '../database';
import { settings } from '../settings';

const { sources, sourceVersions, versionParts } = tables;

/** Parts that go in one statement. */
const partsAtOnce = 20;

/**
 * Removes a version and its rows; its file goes with the next sweep of files.
 * Tables that an early version kept its rows in stay: none is dropped while anybody may read.
 */
export async function discardVersion(database: Database, versionId: number): Promise<void> {
  // Cut off half-way, it is no version that anybody can go back to, and the next sweep ends it.
  await database
    .update(sourceVersions)
    .set({ ready: false })
    .where(eq(sourceVersions.id, versionId));
  await removeParts(database, versionId);
  await database.delete(sourceVersions).where(eq(sourceVersions.id, versionId));
}

/** Removes the rows of a version, a few parts at a time. */
export async function removeParts(database: Database, versionId: number): Promise<void> {
  const own = sql`DELETE FROM ${versionParts} WHERE ${versionParts.versionId} = ${versionId} LIMIT ${partsAtOnce}`;
  for (let left = true; left;) {
    const [{ affectedRows }] = await database.execute(own);
    left = affectedRows === partsAtOnce;
  }
}

/** Removes a version that has not come into place. */
export async function discardUnfinished(database: Database, versionId: number): Promise<void> {
  const unfinished = and(eq(sourceVersions.id, versionId), eq(sourceVersions.ready, false));
  const [found] = await database
    .select({ id: sourceVersions.id })
    .from(sourceVersions)
    .where(unfinished);
  if (found) await discardVersion(database, versionId);
}

/**
 * Removes versions whose bring-in was stopped or killed. Whoever brings one in holds its lease, also
 * in another server; whoever sweeps takes the lease first. What cannot be removed yet, since the
 * database is still at it, is left to the next sweep.
 */
export async function sweepUnfinished(database: Database): Promise<void> {
  const unfinished = await database
    .select({ id: sourceVersions.id })
    .from(sourceVersions)
    .where(eq(sourceVersions.ready, false));
  for (const { id } of unfinished) {
    const lease = await takeLease(database, { kind: 'version', subject: id });
    if (!lease) continue;
    try {
      // It may have become whole between the look and the lease.
      await discardUnfinished(database, id);
    } catch (error) {
      console.error(`version ${id} is left to the next sweep:`, error);
    } finally {
      await lease.release();
    }
  }
}

/** Lets go of the files of a source but for the latest few; they go with the next sweep of files. */
async function letFilesGo(database: Database, sourceId: number): Promise<void> {
  const withFiles = await database
    .select({ id: sourceVersions.id })
    .from(sourceVersions)
    .where(and(eq(sourceVersions.sourceId, sourceId), isNotNull(sourceVersions.uploadId)))
    .orderBy(desc(sourceVersions.id));
  const old = withFiles.slice(settings.filesKept).map(({ id }) => id);
  if (old.length > 0)
    await database
      .update(sourceVersions)
      .set({ uploadId: null })
      .where(inArray(sourceVersions.id, old));
}

/**
 * Drops the oldest versions of a source, and files of others; the one in use stays. What cannot be dropped now is left to the
 * next delivery: the one that is just in place is not to be spoilt by it.
 */
export async function dropOldVersions(database: Database, sourceId: number): Promise<void> {
  try {
    const versions = await database
      .select({ id: sourceVersions.id, used: sources.id })
      .from(sourceVersions)
      .leftJoin(sources, eq(sources.versionId, sourceVersions.id))
      .where(eq(sourceVersions.sourceId, sourceId))
      .orderBy(desc(sourceVersions.id));
    for (const { id, used } of versions.slice(settings.versionsKept))
      if (used === null) await discardVersion(database, id);
    await letFilesGo(database, sourceId);
  } catch (left) {
    console.error(`old versions of source ${sourceId} are left to the next delivery:`, left);
  }
}

/**
 * Stands a source on one of its earlier versions again.
 * @returns whether there is such a version
 */
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
