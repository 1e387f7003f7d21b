import {
  type Queries,
  tables,
  type Database,
  type Lease,
  inTransaction,
  type StoredPiece,
} from '../database';
import { lockPerson, countOf, requireRoom, onlyRow } from '../quotas';
import { eq, and, isNull, sql, sum } from 'drizzle-orm';
import { Superseded, type Target } from './delivery';

import { ProblemError } from '../../core/values';
import type { StandingRows } from './versionRows';

const { sources, sourceVersions, versionParts } = tables;

export const lostLease = () =>
  new ProblemError({
    code: 'interrupted',
    sentence: 'Bringing the file in was interrupted for too long. Bring it in again.',
  });

/**
 * Makes the new version the one its source stands on, once all of it is there.
 * @param version with the pieces that were written
 */
export function putInPlace(
  database: Database,
  { versionId, pieces }: { versionId: number; pieces: readonly StoredPiece[] },
  target: Target,
  base: StandingRows | null,
  lease: Lease,
): Promise<number> {
  return inTransaction(database, async (change) => {
    const sourceId =
      'name' in target
        ? await makeSource(change, target)
        : await onItsBase(change, target, base?.versionId ?? null);
    await requireWhole(change, versionId, pieces);
    const [{ affectedRows }] = await change
      .update(sourceVersions)
      .set({ sourceId, ready: true })
      .where(eq(sourceVersions.id, versionId));
    if (affectedRows === 0) throw lostLease();
    await change.update(sources).set({ versionId }).where(eq(sources.id, sourceId));
    if (lease.lost.aborted) throw lostLease();
    return sourceId;
  });
}

/** Makes sure that every part of a version is there, and none beside. */
async function requireWhole(change: Queries, versionId: number, pieces: readonly StoredPiece[]) {
  const found = await change
    .select({
      piece: versionParts.piece,
      bytes: sum(sql`OCTET_LENGTH(${versionParts.content})`).mapWith(Number),
      spoilt: sql`SUM(SHA2(${versionParts.content}, 256) <> ${versionParts.hash})`.mapWith(Number),
      places: sql<string>`GROUP_CONCAT(${versionParts.place} ORDER BY ${versionParts.place})`,
    })
    .from(versionParts)
    .where(eq(versionParts.versionId, versionId))
    .groupBy(versionParts.piece)
    .orderBy(versionParts.piece);
  const isWhole = pieces.every(({ parts, bytes }, piece) => {
    const there = found[piece];
    const places = Array.from({ length: parts }, (_, place) => place).join();
    return (
      there?.piece === piece &&
      there.bytes === bytes &&
      there.places === places &&
      there.spoilt === 0
    );
  });
  if (!isWhole || found.length !== pieces.length) throw lostLease();
}

export const sourceGone = () =>
  new ProblemError({
    code: 'not-found',
    sentence: 'The source is gone. Bring the file in as a new one.',
  });
export async function makeSource(
  change: Queries,
  { ownerId, name }: { ownerId: number; name: string },
) {
  await lockPerson(change, ownerId);
  const found = await change
    .select(countOf(sources.deletedAt))
    .from(sources)
    .where(eq(sources.ownerId, ownerId));
  requireRoom('sources', onlyRow(found));
  const [{ insertId }] = await change
    .insert(sources)
    .values({ ownerId, name, createdAt: new Date() });
  return insertId;
}

/** The source of a version, locked, while it stands on the version that this one was built on. */
export async function onItsBase(
  change: Queries,
  { ownerId, sourceId }: { ownerId: number; sourceId: number },
  builtOn: number | null,
): Promise<number> {
  const [source] = await change
    .select({ versionId: sources.versionId })
    .from(sources)
    .where(and(eq(sources.id, sourceId), eq(sources.ownerId, ownerId), isNull(sources.deletedAt)))
    .for('update');
  if (!source) throw sourceGone();
  if (source.versionId !== builtOn) throw new Superseded();
  return sourceId;
}
