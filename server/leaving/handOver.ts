import { and, eq } from 'drizzle-orm';
import { type Queries, tables } from '../database';
import { bytesOfPerson, countOf, onlyRow, requireRoom, rowsOfPerson } from '../quotas';

const { access, dashboards, sources, uploads } = tables;

/**
 * Hands all that somebody owns over to another.
 * @param change the transaction in which both are held
 * @param owned the dashboards, removed ones among them
 * @throws Refusal 422 when the other has no room for it
 */
export async function handOver(
  change: Queries,
  fromId: number,
  toId: number,
  owned: readonly number[],
): Promise<void> {
  const givenAt = new Date();
  for (const dashboardId of owned)
    await change
      .insert(access)
      .values({ dashboardId, personId: toId, role: 'owner', givenAt })
      .onDuplicateKeyUpdate({ set: { role: 'owner' } });
  await change.update(sources).set({ ownerId: toId }).where(eq(sources.ownerId, fromId));
  await change.update(uploads).set({ ownerId: toId }).where(eq(uploads.ownerId, fromId));
  const boards = await change
    .select(countOf(dashboards.deletedAt))
    .from(access)
    .innerJoin(dashboards, eq(dashboards.id, access.dashboardId))
    .where(and(eq(access.personId, toId), eq(access.role, 'owner')));
  requireRoom('dashboards', onlyRow(boards), 0);
  const kept = await change
    .select(countOf(sources.deletedAt))
    .from(sources)
    .where(eq(sources.ownerId, toId));
  requireRoom('sources', onlyRow(kept), 0);
  requireRoom('rows', await rowsOfPerson(change, toId), 0);
  requireRoom('bytes', await bytesOfPerson(change, toId), 0);
}
