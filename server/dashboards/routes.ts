import { and, count, desc, eq, inArray, isNull } from 'drizzle-orm';
import { Router } from 'express';
import {
  dashboardBody,
  type DashboardSummary,
  newDashboardBody,
  placesBody,
  styleBody,
} from '../../contract';
import type { BoardStyle } from '../../core/chart';
import { type Database, inTransaction, type Queries, tables } from '../database';
import { changedMeanwhile, notFound, readBody, readId, readPage } from '../http';
import { audited, requirePerson } from '../people';
import { countOf, lockPerson, onlyRow, requireRoom } from '../quotas';
import { requireRole } from './access';
import { takeInvitations } from './invitations';
import { readDashboard } from './readDashboard';

const { access, charts, dashboards, people } = tables;

/** Making, reading, naming, arranging and removing dashboards. */
export function dashboardRoutes(database: Database): Router {
  const router = Router();
  const removed = audited(database, { act: 'removal', thing: 'dashboard' });
  const restored = audited(database, { act: 'restore', thing: 'dashboard' });

  router.get('/dashboards', async (request, response) => {
    const person = await requirePerson(database, request);
    await takeInvitations(database, person);
    response.json(await listDashboards(database, person.id, readPage(request)));
  });

  router.post('/dashboards', async (request, response) => {
    const person = await requirePerson(database, request);
    const { title, zone } = readBody(request, newDashboardBody);
    const id = await inTransaction(database, async (change) => {
      await lockPerson(change, person.id);
      requireRoom('dashboards', await ownedBy(change, person.id));
      const [{ insertId }] = await change
        .insert(dashboards)
        .values({ title, zone, changedAt: new Date() });
      await change
        .insert(access)
        .values({ dashboardId: insertId, personId: person.id, role: 'owner', givenAt: new Date() });
      return insertId;
    });
    response.status(201).json({ id });
  });

  router.get('/dashboards/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    const mayRead = () => requireRole(database, person, readId(request), 'reader');
    const role = await mayRead().catch(async (refused: unknown) => {
      // What waits for the person may be access to just this dashboard.
      if (await takeInvitations(database, person)) return mayRead();
      throw refused;
    });
    response.json(await readDashboard(database, readId(request), role));
  });

  router.put('/dashboards/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    const id = readId(request);
    await requireRole(database, person, id, 'editor');
    const { title, revision } = readBody(request, dashboardBody);
    await inTransaction(database, async (change) => {
      await revise(change, id, revision);
      await change.update(dashboards).set({ title }).where(eq(dashboards.id, id));
    });
    response.json({ revision: revision + 1 });
  });

  router.put('/dashboards/:id/style', async (request, response) => {
    const person = await requirePerson(database, request);
    const id = readId(request);
    await requireRole(database, person, id, 'editor');
    const { style, revision } = readBody(request, styleBody);
    await inTransaction(database, async (change) => {
      await revise(change, id, revision);
      await change
        .update(dashboards)
        .set({ style: style as BoardStyle })
        .where(eq(dashboards.id, id));
    });
    response.json({ revision: revision + 1 });
  });

  router.put('/dashboards/:id/places', async (request, response) => {
    const person = await requirePerson(database, request);
    const id = readId(request);
    await requireRole(database, person, id, 'editor');
    const { places, revision } = readBody(request, placesBody);
    await inTransaction(database, async (change) => {
      await revise(change, id, revision);
      for (const { chartId, place } of places) {
        const own = and(
          eq(charts.id, chartId),
          eq(charts.dashboardId, id),
          isNull(charts.deletedAt),
        );
        const [{ affectedRows }] = await change.update(charts).set({ place }).where(own);
        if (affectedRows === 0) throw notFound('chart on this dashboard');
      }
    });
    response.json({ revision: revision + 1 });
  });

  router.delete('/dashboards/:id', removed, async (request, response) => {
    const person = await requirePerson(database, request);
    await requireRole(database, person, readId(request), 'owner');
    await database
      .update(dashboards)
      .set({ deletedAt: new Date() })
      .where(eq(dashboards.id, readId(request)));
    response.json({ restorable: true });
  });

  router.post('/dashboards/:id/restore', restored, async (request, response) => {
    const person = await requirePerson(database, request);
    const id = readId(request);
    const owned = and(
      eq(access.dashboardId, id),
      eq(access.personId, person.id),
      eq(access.role, 'owner'),
    );
    const [found] = await database.select().from(access).where(owned);
    if (!found) throw notFound('dashboard');
    await inTransaction(database, async (change) => {
      await lockPerson(change, person.id);
      await change.update(dashboards).set({ deletedAt: null }).where(eq(dashboards.id, id));
      requireRoom('dashboards', await ownedBy(change, person.id), 0);
    });
    response.json({ id });
  });

  return router;
}

const ownedBy = (change: Queries, personId: number) =>
  change
    .select(countOf(dashboards.deletedAt))
    .from(access)
    .innerJoin(dashboards, eq(dashboards.id, access.dashboardId))
    .where(and(eq(access.personId, personId), eq(access.role, 'owner')))
    .then(onlyRow);

/** Steps the revision on, unless somebody else has done so since the caller read it. */
async function revise(change: Queries, id: number, revision: number) {
  const [{ affectedRows }] = await change
    .update(dashboards)
    .set({ revision: revision + 1, changedAt: new Date() })
    .where(and(eq(dashboards.id, id), eq(dashboards.revision, revision)));
  if (affectedRows === 0)
    throw changedMeanwhile('dashboard', await readDashboard(change, id, 'editor'));
}

async function listDashboards(
  database: Database,
  personId: number,
  { limit, offset }: ReturnType<typeof readPage>,
): Promise<DashboardSummary[]> {
  const rows = await database
    .select({
      id: dashboards.id,
      title: dashboards.title,
      role: access.role,
      changedAt: dashboards.changedAt,
    })
    .from(access)
    .innerJoin(dashboards, eq(dashboards.id, access.dashboardId))
    .where(and(eq(access.personId, personId), isNull(dashboards.deletedAt)))
    .orderBy(desc(dashboards.changedAt), desc(dashboards.id))
    .limit(limit)
    .offset(offset);
  if (rows.length === 0) return [];
  const ids = rows.map(({ id }) => id);
  const owners = await database
    .select({ id: access.dashboardId, name: people.name })
    .from(access)
    .innerJoin(people, eq(people.id, access.personId))
    .where(and(inArray(access.dashboardId, ids), eq(access.role, 'owner')));
  const counts = await database
    .select({ id: charts.dashboardId, number: count() })
    .from(charts)
    .where(and(inArray(charts.dashboardId, ids), isNull(charts.deletedAt)))
    .groupBy(charts.dashboardId);
  return rows.map((row) => ({
    ...row,
    changedAt: row.changedAt.toISOString(),
    owner: owners.find(({ id }) => id === row.id)?.name ?? '',
    charts: counts.find(({ id }) => id === row.id)?.number ?? 0,
  }));
}
