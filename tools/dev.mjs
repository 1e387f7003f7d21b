// @ts-check
import { spawn } from 'node:child_process';
import { buildWhatIsStale } from './setup/build.mjs';
import { freePort, startMariadb } from './setup/mariadb.mjs';
import { installPackages } from './setup/packages.mjs';
import { run } from './setup/run.mjs';
import { giveUp, say } from './setup/say.mjs';

/*
 * npm run dev: the interface reloads as it is edited, and the server is built and started anew.
 */
async function main() {
  await installPackages();
  await buildWhatIsStale();
  const database = await startMariadb(process.env.STAND_MARK_DATA ?? '.data');
  const apiPort = await freePort();
  const env = { ...process.env, DATABASE_URL: database.url, STAND_MARK_DEMO: '1' };
  const vite = 'node_modules/vite/bin/vite.js';
  await run(process.execPath, ['dist/server/migrate.js'], { env });
  await run(process.execPath, ['dist/server/fillDemo.js'], { env });
  const start = (/** @type {string[]} */ args, /** @type {NodeJS.ProcessEnv} */ more) =>
    spawn(process.execPath, args, { stdio: 'inherit', env: { ...env, ...more } });
  const children = [
    start([vite, 'build', '--config=vite.server.config.ts', '--watch', '--logLevel=warn'], {}),
    start(['--watch', 'dist/server/serve.js'], { PORT: String(apiPort) }),
    start([vite], { API_PORT: String(apiPort) }),
  ];
  const stop = async () => {
    for (const child of children) child.kill('SIGTERM');
    await database.stop();
    process.exit(0);
  };
  process.on('SIGINT', () => void stop());
  process.on('SIGTERM', () => void stop());
  say(`the interface reloads at http://127.0.0.1:${process.env.PORT ?? 4170}`);
}

main().catch(giveUp);
