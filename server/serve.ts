import type { Server } from 'node:http';
import { chartRoutes } from './charts';
import { dashboardRoutes, linkRoutes, sharingRoutes } from './dashboards';
import { openDatabase } from './database';
import { FigureReader } from './frames';
import { makeApp } from './http';
import { noteRoutes } from './notes';
import { demoPeople, peopleRoutes } from './people';
import { sourceRoutes, sweepUnfinished } from './sources';

const demo = process.env.STAND_MARK_DEMO === '1';
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4170);

const database = openDatabase();
const figures = new FigureReader();
await sweepUnfinished(database);

const app = makeApp([
  peopleRoutes(database, demo),
  dashboardRoutes(database),
  sharingRoutes(database),
  linkRoutes(database),
  chartRoutes(database, figures),
  noteRoutes(database),
  sourceRoutes(database),
]);

const server = app.listen(port, host, (error) => {
  if (error) {
    const busy = (error as NodeJS.ErrnoException).code === 'EADDRINUSE';
    console.error(
      busy ? `stand mark: port ${port} is taken. Choose another: PORT=4180 npm start` : error,
    );
    process.exit(1);
  }
  console.log(`stand mark: open http://${host.includes(':') ? `[${host}]` : host}:${port}`);
  if (demo) {
    for (const { name, email, password } of Object.values(demoPeople))
      console.log(`stand mark: sign in as ${name} with ${email} and “${password}”`);
  }
});
server.requestTimeout = 10 * 60_000;

/** Lets answers under way finish, then ends. */
async function stop(running: Server) {
  running.close();
  running.closeIdleConnections();
  setTimeout(() => running.closeAllConnections(), 3000).unref();
  await figures.close();
  await database.$client.end();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const)
  process.on(signal, () => void stop(server));
