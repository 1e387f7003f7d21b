// @ts-check
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { buildWhatIsStale } from './setup/build.mjs';
import { startMariadb } from './setup/mariadb.mjs';
import { installPackages } from './setup/packages.mjs';
import { run } from './setup/run.mjs';
import { giveUp, say, SetupError } from './setup/say.mjs';

/*
 * npm start: from a fresh checkout to a served application. Every step can be killed and run again.
 * Settings: PORT, HOST, STAND_MARK_DATA (the data folder), DATABASE_URL (a MariaDB of your own);
 * `npm start -- --empty` starts without the demo.
 */
const demo = !process.argv.includes('--empty');

async function main() {
  await portFree();
  await installPackages();
  await buildWhatIsStale();
  const database = process.env.DATABASE_URL
    ? { url: process.env.DATABASE_URL, stop: async () => {} }
    : await startMariadb(process.env.STAND_MARK_DATA ?? '.data');
  const env = {
    ...process.env,
    DATABASE_URL: database.url,
    STAND_MARK_DEMO: demo ? '1' : '',
    NODE_ENV: 'production',
  };
  try {
    say('bringing the tables up to date');
    await run(process.execPath, ['dist/server/migrate.js'], { env });
    if (demo) await run(process.execPath, ['dist/server/fillDemo.js'], { env });
    process.exitCode = await serve(env);
  } finally {
    await database.stop();
  }
}

/** Asked first: a second start in this folder must not stop the database of the one that runs. */
function portFree() {
  const { HOST = '127.0.0.1', PORT = '4170' } = process.env;
  const probe = createServer();
  return new Promise((free, taken) => {
    probe.once('error', () =>
      taken(new SetupError(`port ${PORT} is taken. Choose another: PORT=4180 npm start`)),
    );
    probe.listen(Number(PORT), HOST, () => probe.close(() => free(undefined)));
  });
}

/**
 * @param {NodeJS.ProcessEnv} env
 * @returns {Promise<number>} the server's exit code
 */
function serve(env) {
  const server = spawn(process.execPath, ['dist/server/serve.js'], { stdio: 'inherit', env });
  // The server ends by itself on a signal to the group; this process stays to stop the database.
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
    process.on(signal, () => server.kill('SIGTERM'));
  return new Promise((done) => server.on('close', (code) => done(code ?? 0)));
}

main().catch(giveUp);
