// @ts-check
import { spawn } from 'node:child_process';
import { buildWhatIsStale } from './setup/build.mjs';
import { startMariadb } from './setup/mariadb.mjs';
import { installPackages } from './setup/packages.mjs';
import { run } from './setup/run.mjs';
import { giveUp, say } from './setup/say.mjs';

/*
 * npm start: from a fresh checkout to a served application. Every step can be killed and run again.
 * Settings: PORT, HOST, STAND_MARK_DATA (the data folder), DATABASE_URL (a MariaDB of your own);
 * `npm start -- --empty` starts without the demo.
 */
const demo = !process.argv.includes('--empty');

async function main() {
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
