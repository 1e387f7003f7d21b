import { randomBytes } from 'node:crypto';
import { and, desc, eq, ne, sql } from 'drizzle-orm';
import { Router } from 'express';
import { accessBody, readersNoteBody, type Sharing } from '../../contract';
import { type Database, tables } from '../database';
import { readBody, readId, Refusal } from '../http';
import { requirePerson } from '../people';
import { requireRole } from './access';

const { access, dashboards, links, people } = tables;

/** Who may see a dashboard: people by role, and links that anybody can read it by. */
export function sharingRoutes(database: Database): Router {
  const router = Router();

  router.get('/dashboards/:id/sharing', async (request, response) => {
    const person = await requirePerson(database, request);
    await requireRole(database, person, readId(request), 'owner');
    response.json(await readSharing(database, readId(request)));
  });

  router.put('/dashboards/:id/people', async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'owner');
    const { email, role } = readBody(request, accessBody);
    const [colleague] = await database.select().from(people).where(eq(people.email, email));
    if (!colleague) {
      const sentence = `Nobody with the address ${email} has an account here. Ask them to make one, or send a link.`;
      throw new Refusal(422, { code: 'no-account', sentence, place: { field: 'email' } });
    }
    if (colleague.id === person.id)
      throw new Refusal(422, { code: 'own-role', sentence: 'You own this dashboard already.' });
    await database
      .insert(access)
      .values({ dashboardId, personId: colleague.id, role })
      .onDuplicateKeyUpdate({ set: { role } });
    response.json(await readSharing(database, dashboardId));
  });

  router.delete('/dashboards/:id/people/:personId', async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'owner');
    const colleague = and(
      eq(access.dashboardId, dashboardId),
      eq(access.personId, readId(request, 'personId')),
      ne(access.role, 'owner'),
    );
    await database.delete(access).where(colleague);
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

  router.post('/dashboards/:id/links', async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'owner');
    const token = randomBytes(24).toString('base64url');
    await database.insert(links).values({ dashboardId, token, createdAt: new Date() });
    response.status(201).json(await readSharing(database, dashboardId));
  });

  router.delete('/dashboards/:id/links/:linkId', async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'owner');
    const link = and(eq(links.dashboardId, dashboardId), eq(links.id, readId(request, 'linkId')));
    await database.delete(links).where(link);
    response.json(await readSharing(database, dashboardId));
  });

  return router;
}

async function readSharing(database: Database, dashboardId: number): Promise<Sharing> {
  const shared = await database
    .select({ id: people.id, name: people.name, email: people.email, role: access.role })
    .from(access)
    .innerJoin(people, eq(people.id, access.personId))
    .where(eq(access.dashboardId, dashboardId))
    .orderBy(people.name);
  const made = await database
    .select()
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
    links: made.map(({ id, token, createdAt }) => ({ id, token, madeAt: createdAt.toISOString() })),
  };
}
