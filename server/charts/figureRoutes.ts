import { Router } from 'express';
import { type ChartFrames, newChartBody } from '../../contract';
import { parseDay } from '../../core/calendar';
import type { ChartDefinition } from '../../core/chart';
import { readableByLink, readableChart, requireChart, todayOf } from '../dashboards';
import type { Database } from '../database';
import { FigureAnswers, type FigureReader, readFrames, standingVersions } from '../frames';
import { addressOf, jsonBody, readBody, readId, shareFairly } from '../http';
import { requirePerson } from '../people';
import { settings } from '../settings';
import { requireSources, sourcesOf } from '../sources';

/** The figures of saved charts, for all who may read them. */
export function figureRoutes(database: Database, figures: FigureReader): Router {
  const router = Router();
  const answers = new FigureAnswers(database, figures);

  router.get('/charts/:id/frames', async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await readableChart(database, person, readId(request));
    await answers.answer(request, response, `person ${person.id}`, chart);
  });

  router.get('/links/:token/charts/:id/frames', async (request, response) => {
    const chart = await readableByLink(database, String(request.params.token), readId(request));
    await answers.answer(request, response, `address ${addressOf(request)}`, chart);
  });

  return router;
}

/** The figures of a definition that is not saved yet: the bench shows each change at once. */
export function benchFigureRoutes(database: Database, figures: FigureReader): Router {
  const router = Router();
  const share = shareFairly(settings.streamsAtOnce);

  router.post('/charts/:id/frames', ...jsonBody, share, async (request, response) => {
    const person = await requirePerson(database, request);
    const chart = await requireChart(database, person, readId(request), 'editor');
    const definition = readBody(request, newChartBody).definition as ChartDefinition;
    await requireSources(database, person, chart.dashboardId, sourcesOf(definition));
    const versions = await standingVersions(database, definition);
    const asker = `person ${person.id}`;
    const today = await todayOf(database, chart.dashboardId);
    const day = parseDay(today) ?? 0;
    const found = await readFrames(database, figures, asker, definition, versions, day);
    response.json({ today, ...found } satisfies ChartFrames);
  });

  return router;
}
