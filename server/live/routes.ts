import { Router } from 'express';
import { dashboardOfLink, readStamps, requireRole } from '../dashboards';
import type { Database } from '../database';
import { addressOf, readId } from '../http';
import { requirePerson } from '../people';
import { LiveBoards } from './liveBoards';

/** Streams of events that tell when something on a dashboard has changed. */
export function liveRoutes(database: Database): Router {
  const router = Router();
  const boards = new LiveBoards((ids) => readStamps(database, ids));

  router.get('/dashboards/:id/changes', async (request, response) => {
    const person = await requirePerson(database, request);
    const id = readId(request);
    await requireRole(database, person, id, 'reader');
    boards.watch(id, `person ${person.id}`, response);
  });

  router.get('/links/:token/changes', async (request, response) => {
    const id = await dashboardOfLink(database, String(request.params.token));
    boards.watch(id, `address ${addressOf(request)}`, response);
  });

  return router;
}
