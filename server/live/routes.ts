import { Router } from 'express';
import { dashboardOfLink, readStamps, requireRole, rolesNow } from '../dashboards';
import type { Database } from '../database';
import { addressOf, readId } from '../http';
import { hashOfToken } from '../keys';
import { requirePerson, sessionOf } from '../people';
import { LiveBoards } from './liveBoards';

/** Streams of events that tell when something on a dashboard has changed. */
export function liveRoutes(database: Database): Router {
  const router = Router();
  const boards = new LiveBoards({
    roles: (watchers) => rolesNow(database, watchers),
    stamps: (ids, of) => readStamps(database, ids, of),
  });

  router.get('/dashboards/:id/changes', async (request, response) => {
    const person = await requirePerson(database, request);
    const dashboardId = readId(request);
    await requireRole(database, person, dashboardId, 'reader');
    const tokenHash = sessionOf(request) ?? '';
    boards.watch({ by: 'session', tokenHash, dashboardId }, `person ${person.id}`, response);
  });

  router.get('/links/:token/changes', async (request, response) => {
    const token = String(request.params.token);
    const dashboardId = await dashboardOfLink(database, token);
    const watcher = { by: 'link', tokenHash: hashOfToken(token), dashboardId } as const;
    boards.watch(watcher, `address ${addressOf(request)}`, response);
  });

  return router;
}
