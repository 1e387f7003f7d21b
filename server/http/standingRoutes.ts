import { sql } from 'drizzle-orm';
import { Router } from 'express';
import type { Database } from '../database';

/** How long the database is waited for, and an answer of it is told again, in milliseconds. */
const patience = 2000;
const freshFor = 1000;

/**
 * For whatever watches this server: whether it runs, and whether it can answer. Neither tells anything
 * of what it holds.
 */
export function standingRoutes(database: Database): Router {
  const router = Router();
  let last: { at: number; ready: Promise<boolean> } | null = null;
  const isReady = () => {
    // However many ask, the database is asked once a second.
    if (!last || Date.now() - last.at > freshFor)
      last = { at: Date.now(), ready: answers(database) };
    return last.ready;
  };

  router.get('/health', (_request, response) => {
    response.set('Cache-Control', 'no-store').json({ running: true });
  });

  router.get('/ready', async (_request, response) => {
    const ready = await isReady();
    response
      .set('Cache-Control', 'no-store')
      .status(ready ? 200 : 503)
      .json({ ready });
  });

  return router;
}

/** Whether the database answers, and has the tables that this server works with. */
async function answers(database: Database): Promise<boolean> {
  const asked = database
    .execute(sql`SELECT format FROM source_versions LIMIT 1`)
    .then(() => true)
    .catch(() => false);
  const late = new Promise<boolean>((done) => setTimeout(done, patience, false).unref());
  return Promise.race([asked, late]);
}
