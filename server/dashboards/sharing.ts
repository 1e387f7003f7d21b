import { and, desc, eq, sql } from 'drizzle-orm';
import { type Request, Router } from 'express';
import { accessBody, readersNoteBody, type Sharing, takenBackBody } from '../../contract';
import { type Database, inTransaction, tables } from '../database';
import { readBody, readId, Refusal } from '../http';
import { hashOfToken, makeToken } from '../keys';
import { audited, requirePerson } from '../people';
import { requireRoom } from '../quotas';
import { requireRole } from './access';
import { invite, takeBack } from './invitations';

const { access, dashboards, invitations, links, people } = tables;

/** Who may see a dashboard: people by role, and links that anybody can read it by. */
export function sharingRoutes(database: Database): Router {
  const router = Router();
  const thing = 'dashboard';
  const shared = audited(database, { act: 'sharing', thing, about: whom });
  const takenBack = audited(database, { act: 'sharing-ended', thing, about: whom });
  const linked = audited(database, { act: 'link', thing });
  const about = ({ params }: Request) => `link ${String(params.linkId)}`;
  const unlinked = audited(database, { act: 'link-removed', thing, about });

  router.get('/dashboards/:id/sharing', async (request, response) => {
    const person = await requirePerson(database, request);
    await requireRole(database, person, readId(request), 'owner');
    response.json(await readSharing(database, readId(request)));
  });

  router.put('/dashboards/:id/people', shared, async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'owner');
    const { email, role } = readBody(request, accessBody);
    if (email === person.email)
      throw new Refusal(422, { code: 'own-role', sentence: 'You own this dashboard already.' });
    await invite(database, dashboardId, email, role);
    response.json(await readSharing(database, dashboardId));
  });

  router.delete('/dashboards/:id/people', takenBack, async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'owner');
    await takeBack(database, dashboardId, readBody(request, takenBackBody).email);
    response.json(await readSharing(database, dashboardId));
  });

  router.put('/dashboards/:id/readers-note', async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'owner');
    const { readersNote } = readBody(request, readersNoteBody);
    await database
      .update(dashboards)
      // Whoever looks is told, as of any change of the dashboard.
      .set({ readersNote, revision: sql`${dashboards.revision} + 1` })
      .where(eq(dashboards.id, dashboardId));
    response.json(await readSharing(database, dashboardId));
  });

  router.post('/dashboards/:id/links', linked, async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'owner');
    const token = makeToken(24);
    const values = { dashboardId, tokenHash: hashOfToken(token), createdAt: new Date() };
    const id = await inTransaction(database, async (change) => {
      const own = eq(dashboards.id, dashboardId);
      await change.select({ id: dashboards.id }).from(dashboards).where(own).for('update');
      const all = await change.$count(links, eq(links.dashboardId, dashboardId));
      requireRoom('links', { all });
      const [{ insertId }] = await change.insert(links).values(values);
      return insertId;
    });
    // Nobody can be told it again: only its hash is kept.
    const made = { id, token };
    response.status(201).json({ ...(await readSharing(database, dashboardId)), made });
  });

  router.delete('/dashboards/:id/links/:linkId', unlinked, async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'owner');
    const link = and(eq(links.dashboardId, dashboardId), eq(links.id, readId(request, 'linkId')));
    await database.delete(links).where(link);
    response.json(await readSharing(database, dashboardId));
  });

  return router;
}

/** Whom something is shared with, as it was written. */
function whom({ body }: Request): string {
  const { email, role } = (body ?? {}) as { email?: unknown; role?: unknown };
  return [email, role].filter((each) => typeof each === 'string').join(', ');
}

async function readSharing(database: Database, dashboardId: number): Promise<Sharing> {
  const shared = await database
    .select({ id: people.id, name: people.name, email: people.email, role: access.role })
    .from(access)
    .innerJoin(people, eq(people.id, access.personId))
    .where(eq(access.dashboardId, dashboardId))
    .orderBy(people.name);
  const waiting = await database
    .select({ id: invitations.id, email: invitations.email, role: invitations.role })
    .from(invitations)
    .where(eq(invitations.dashboardId, dashboardId))
    .orderBy(invitations.email);
  const made = await database
    .select({ id: links.id, createdAt: links.createdAt })
    .from(links)
    .where(eq(links.dashboardId, dashboardId))
    .orderBy(desc(links.id));
  const [dashboard] = await database
    .select({ readersNote: dashboards.readersNote })
    .from(dashboards)
    .where(eq(dashboards.id, dashboardId));
  return {
    readersNote: dashboard?.readersNote ?? false,
    people: shared,
    waiting,
    links: made.map(({ id, createdAt }) => ({ id, madeAt: createdAt.toISOString() })),
  };
}
