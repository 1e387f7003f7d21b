import { and, desc, eq, isNull } from 'drizzle-orm';
import { type Database, tables, takeLease } from '../database';
import { settings } from '../settings';
import { dropFactsTable } from './facts';

const { sources, sourceVersions } = tables;

/** Removes a version and its rows; its file goes with the next sweep of files. */
export async function discardVersion(database: Database, versionId: number): Promise<void> {
  await dropFactsTable(database.$client, versionId);
  await database.delete(sourceVersions).where(eq(sourceVersions.id, versionId));
}

/**
 * Removes versions whose bring-in was stopped or killed. Whoever brings one in holds its lease, also
 * in another server; whoever sweeps takes the lease first. What cannot be removed yet, since the
 * database is still at it, is left to the next sweep.
 */
export async function sweepUnfinished(database: Database): Promise<void> {
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
  for (const { id } of await unfinished()) {
    const lease = await takeLease(database, { kind: 'version', subject: id });
    if (!lease) continue;
    try {
      // It may have become whole between the look and the lease.
      if ((await unfinished(id)).length > 0) await discardVersion(database, id);
    } catch (error) {
      console.error(`version ${id} is left to the next sweep:`, error);
    } finally {
      await lease.release();
    }
  }
}

/** Drops the oldest versions of a source; the one in use stays. */
export async function dropOldVersions(database: Database, sourceId: number) {
  const versions = await database
    .select({ id: sourceVersions.id, used: sources.id })
    .from(sourceVersions)
    .leftJoin(sources, eq(sources.versionId, sourceVersions.id))
    .where(eq(sourceVersions.sourceId, sourceId))
    .orderBy(desc(sourceVersions.id));
  for (const { id, used } of versions.slice(settings.versionsKept))
    if (used === null) await discardVersion(database, id);
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
