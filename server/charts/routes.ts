import { and, eq, isNull } from 'drizzle-orm';
import { Router } from 'express';
import { chartBody, newChartBody } from '../../contract';
import { type ChartDefinition, frameRequests } from '../../core/chart';
import { chartOf, dashboardOfLink, requireChart, requireRole, todayIn } from '../dashboards';
import { type Database, tables } from '../database';
import { type FigureReader, readFrames } from '../frames';
import { changedMeanwhile, notFound, readBody, readId } from '../http';
import { requirePerson } from '../people';
import { requireSources } from '../sources';

const { charts, dashboards } = tables;

/** Keeping charts, and reading the figures behind them. */
export function chartRoutes(database: Database, figures: FigureReader): Router {
  const router = Router();

  router.post('/dashboards/:id/charts', async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'editor');
    const definition = readBody(request, newChartBody).definition as ChartDefinition;
    await requireSources(database, person, dashboardId, sourcesOf(definition));
    const [{ insertId }] = await database.insert(charts).values({ dashboardId, definition });
    response.status(201).json({ id: insertId });
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
    await requireSources(database, person, chart.dashboardId, sourcesOf(definition));
    await database.transaction(async (change) => {
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
      await change
        .update(dashboards)
        .set({ changedAt: new Date() })
        .where(eq(dashboards.id, chart.dashboardId));
    });
    response.json({ revision: body.revision + 1 });
  });

  router.delete('/charts/:id', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    await database.update(charts).set({ deletedAt: new Date() }).where(eq(charts.id, chart.id));
    response.json({ restorable: true });
  });

  router.post('/charts/:id/restore', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor', {
      removed: true,
    });
    await database.update(charts).set({ deletedAt: null }).where(eq(charts.id, chart.id));
    response.json({ id: chart.id });
  });

  router.get('/charts/:id/frames', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'reader');
    const role = await requireRole(database, person, chart.dashboardId, 'reader');
    if (role === 'reader' && chart.place === null) throw notFound('chart');
    response.json(
      await readFrames(
        database,
        figures,
        frameRequests(chart.definition),
        await todayOf(chart.dashboardId),
      ),
    );
  });

  /** The figures of a definition that is not saved yet: the bench shows each change at once. */
  router.post('/charts/:id/frames', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    const definition = readBody(request, newChartBody).definition as ChartDefinition;
    await requireSources(database, person, chart.dashboardId, sourcesOf(definition));
    response.json(
      await readFrames(
        database,
        figures,
        frameRequests(definition),
        await todayOf(chart.dashboardId),
      ),
    );
  });

  router.get('/links/:token/charts/:id/frames', async (request, response) => {
    const dashboardId = await dashboardOfLink(database, String(request.params.token));
    const shown = and(
      eq(charts.id, readId(request)),
      eq(charts.dashboardId, dashboardId),
      isNull(charts.deletedAt),
    );
    const [chart] = await database.select().from(charts).where(shown);
    if (!chart || chart.place === null) throw notFound('chart');
    response.json(
      await readFrames(
        database,
        figures,
        frameRequests(chart.definition),
        await todayOf(dashboardId),
      ),
    );
  });

  async function todayOf(dashboardId: number): Promise<string> {
    const [dashboard] = await database
      .select()
      .from(dashboards)
      .where(eq(dashboards.id, dashboardId));
    return todayIn(dashboard?.zone ?? 'UTC');
  }

  return router;
}

const sourcesOf = (definition: ChartDefinition) => [
  ...new Set(definition.series.map(({ figures }) => figures.sourceId)),
];
