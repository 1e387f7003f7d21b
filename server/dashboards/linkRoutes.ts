import { Router } from 'express';
import type { Database } from '../database';
import { dashboardOfLink } from './access';
import { readDashboard } from './readDashboard';

/** Reading a dashboard by its link, without an account. */
export function linkRoutes(database: Database): Router {
  const router = Router();

  router.get('/links/:token', async (request, response) => {
    const dashboardId = await dashboardOfLink(database, String(request.params.token));
    response.json(await readDashboard(database, dashboardId, 'reader', false));
  });

  return router;
}
