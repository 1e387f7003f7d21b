import { and, eq, inArray, ne } from 'drizzle-orm';
import type { DashboardRole, Person } from '../../contract';
import { type Database, inTransaction, tables } from '../database';
import { requireRoom } from '../quotas';

const { access, dashboards, invitations, people } = tables;

/**
 * Gives access to whoever has an address. Nothing tells whether there is an account of it: access waits
 * until somebody signs in by the address and opens the dashboard.
 */
export async function invite(
  database: Database,
  dashboardId: number,
  email: string,
  role: DashboardRole,
): Promise<void> {
  await inTransaction(database, async (change) => {
    const [joined] = await change
      .select({ personId: access.personId })
      .from(access)
      .innerJoin(people, eq(people.id, access.personId))
      .where(and(eq(access.dashboardId, dashboardId), eq(people.email, email)));
    if (joined) {
      const own = and(
        eq(access.dashboardId, dashboardId),
        eq(access.personId, joined.personId),
        inArray(access.role, ['editor', 'reader']),
      );
      await change.update(access).set({ role }).where(own);
      return;
    }
    const board = eq(dashboards.id, dashboardId);
    await change.select({ id: dashboards.id }).from(dashboards).where(board).for('update');
    const given = await change.$count(access, eq(access.dashboardId, dashboardId));
    const waiting = await change.$count(invitations, eq(invitations.dashboardId, dashboardId));
    requireRoom('people', { all: given + waiting });
    await change
      .insert(invitations)
      .values({ dashboardId, email, role, createdAt: new Date() })
      .onDuplicateKeyUpdate({ set: { role } });
  });
}

/**
 * Takes access back from an address: what waits for it, and what it has become when it was opened in
 * the meantime, which whoever takes it back may not have seen yet. The owner stays.
 */
export async function takeBack(
  database: Database,
  dashboardId: number,
  email: string,
): Promise<void> {
  await inTransaction(database, async (change) => {
    // First what waits: whoever opens it now holds these rows until it is access.
    await change
      .delete(invitations)
      .where(and(eq(invitations.dashboardId, dashboardId), eq(invitations.email, email)));
    const [found] = await change
      .select({ id: people.id })
      .from(people)
      .where(eq(people.email, email));
    if (!found) return;
    await change
      .delete(access)
      .where(
        and(
          eq(access.dashboardId, dashboardId),
          eq(access.personId, found.id),
          ne(access.role, 'owner'),
        ),
      );
  });
}

/** Turns what waits for a person into access. @returns whether anything did */
export async function takeInvitations(database: Database, person: Person): Promise<boolean> {
  const own = eq(invitations.email, person.email);
  const waiting = await database.select({ id: invitations.id }).from(invitations).where(own);
  if (waiting.length === 0) return false;
  return inTransaction(database, async (change) => {
    const taken = await change.select().from(invitations).where(own).for('update');
    if (taken.length === 0) return false;
    for (const { dashboardId, role } of taken)
      await change
        .insert(access)
        .values({ dashboardId, personId: person.id, role, givenAt: new Date() })
        .onDuplicateKeyUpdate({ set: { dashboardId } });
    const ids = taken.map(({ id }) => id);
    await change.delete(invitations).where(inArray(invitations.id, ids));
    return true;
  });
}
