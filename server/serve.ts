import type { Server } from 'node:http';
import { openDatabase, sweepLeases } from './database';
import { sweepDeliveries } from './deliveries';
import { FigureReader } from './frames';
import { sweepAudit } from './audit';
import { makeApp } from './http';
import { sweepKeys } from './keys';
import { sendMails } from './mail';
import { demoPeople, sweepKnownAddresses, sweepTries } from './people';
import { makeRoutes } from './routes';
import { settings } from './settings';
import { sweepUnfinished } from './sources';
import { sweepUploads } from './uploads';

const demo = process.env.STAND_MARK_DEMO === '1';
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4170);

const database = openDatabase();
const figures = new FigureReader();

const sweeps = [
  sweepUnfinished,
  sweepUploads,
  sweepDeliveries,
  sweepTries,
  sweepKnownAddresses,
  sweepLeases,
  sweepKeys,
  sweepAudit,
  sendMails,
];

/** Clears away what stopped and killed work has left, here or in another server. */
async function sweep() {
  for (const step of sweeps)
    await step(database).catch((error: unknown) => console.error('not swept now:', error));
}
await sweep();
setInterval(() => void sweep(), settings.leaseSeconds * 1000).unref();

const app = makeApp(makeRoutes(database, figures, demo));

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
// Begun before anybody waits for it.
if (process.env.NODE_ENV === 'production') figures.begin();
server.requestTimeout = 10 * 60_000;
// Longer than clients leave a connection idle: the one that they take up again is still there.
server.keepAliveTimeout = 20_000;
server.headersTimeout = settings.bodySeconds * 1000;
server.maxConnections = settings.sockets;

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
