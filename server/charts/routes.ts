import { and, eq, isNull } from 'drizzle-orm';
import { Router } from 'express';
import { chartBody, copyBody, newChartBody, writtenChartBody } from '../../contract';
import type { ChartDefinition } from '../../core/chart';
import { chartOf, requireChart, requireRole } from '../dashboards';
import { type Database, inTransaction, type Queries, tables } from '../database';
import { changedMeanwhile, readBody, readId } from '../http';
import { audited, requirePerson } from '../people';
import { realDays } from '../notes';
import { countOf, onlyRow, requireRoom } from '../quotas';
import { noteSources, requireSources, sourcesOf } from '../sources';
import { copyChart } from './copyChart';
import { workedOutBy } from './workedOutBy';
import { readInChart, writeChart } from './writtenChart';

const { charts, dashboards } = tables;

/** Keeping charts. */
export function chartRoutes(database: Database): Router {
  const router = Router();
  const removed = audited(database, { act: 'removal', thing: 'chart' });
  const restored = audited(database, { act: 'restore', thing: 'chart' });
  const takenOut = audited(database, { act: 'file-out', thing: 'chart' });

  router.post('/dashboards/:id/charts', async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'editor');
    const definition = readBody(request, newChartBody).definition as ChartDefinition;
    const id = await inTransaction(database, async (change) => {
      await requireSources(change, person, dashboardId, sourcesOf(definition));
      await requireRoomForChart(change, dashboardId);
      const [{ insertId }] = await change.insert(charts).values({ dashboardId, definition });
      await noteSources(change, insertId, definition);
      return insertId;
    });
    response.status(201).json({ id });
  });

  router.post('/dashboards/:id/charts/read-in', async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'editor');
    const written = readBody(request, writtenChartBody);
    written.notes.forEach(realDays);
    const id = await inTransaction(database, async (change) => {
      await requireRoomForChart(change, dashboardId);
      const read = await readInChart(change, person, dashboardId, written);
      await requireSources(change, person, dashboardId, sourcesOf(read.definition));
      await noteSources(change, read.id, read.definition);
      return read.id;
    });
    response.status(201).json({ id });
  });

  router.post('/charts/:id/copies', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = chartOf(await requireChart(database, person, readId(request), 'editor'));
    const body = readBody(request, copyBody);
    await requireRole(database, person, body.dashboardId, 'editor');
    const id = await inTransaction(database, async (change) => {
      await requireRoomForChart(change, body.dashboardId);
      const copy = await copyChart(change, chart, body);
      await requireSources(change, person, body.dashboardId, sourcesOf(copy.definition));
      await noteSources(change, copy.id, copy.definition);
      await change
        .update(dashboards)
        .set({ changedAt: new Date() })
        .where(eq(dashboards.id, body.dashboardId));
      return copy.id;
    });
    response.status(201).json({ id });
  });

  router.get('/charts/:id/written', takenOut, async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    response.json(await writeChart(database, chart));
  });

  router.get('/charts/:id/worked-out', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    response.json(await workedOutBy(database, person, chart));
  });

  router.get('/charts/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    response.json(chartOf(await requireChart(database, person, readId(request), 'editor')));
  });

  router.put('/charts/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    const body = readBody(request, chartBody);
    const definition = body.definition as ChartDefinition;
    await inTransaction(database, async (change) => {
      await requireSources(change, person, chart.dashboardId, sourcesOf(definition));
      const [{ affectedRows }] = await change
        .update(charts)
        .set({ definition, revision: body.revision + 1 })
        .where(
          and(
            eq(charts.id, chart.id),
            eq(charts.revision, body.revision),
            isNull(charts.deletedAt),
          ),
        );
      if (affectedRows === 0) {
        const [current] = await change.select().from(charts).where(eq(charts.id, chart.id));
        throw changedMeanwhile('chart', current && chartOf(current));
      }
      await noteSources(change, chart.id, definition);
      await change
        .update(dashboards)
        .set({ changedAt: new Date() })
        .where(eq(dashboards.id, chart.dashboardId));
    });
    response.json({ revision: body.revision + 1 });
  });

  router.delete('/charts/:id', removed, async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    await database.update(charts).set({ deletedAt: new Date() }).where(eq(charts.id, chart.id));
    response.json({ restorable: true });
  });

  router.post('/charts/:id/restore', restored, async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor', {
      removed: true,
    });
    await inTransaction(database, async (change) => {
      await change.update(charts).set({ deletedAt: null }).where(eq(charts.id, chart.id));
      await requireRoomForChart(change, chart.dashboardId, 0);
    });
    response.json({ id: chart.id });
  });

  return router;
}

/** @throws Refusal 422 when a dashboard has as many charts as there can be */
async function requireRoomForChart(change: Queries, dashboardId: number, adding = 1) {
  const own = eq(dashboards.id, dashboardId);
  // Two who add charts at once take turns.
  await change.select({ id: dashboards.id }).from(dashboards).where(own).for('update');
  const found = await change
    .select(countOf(charts.deletedAt))
    .from(charts)
    .where(eq(charts.dashboardId, dashboardId));
  requireRoom('charts', onlyRow(found), adding);
}
