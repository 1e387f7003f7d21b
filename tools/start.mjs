// @ts-check
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync } from 'node:fs';
import { createServer } from 'node:net';
import { resolve } from 'node:path';
import { buildWhatIsStale } from './setup/build.mjs';
import { dump, installDumpPrograms } from './setup/dump.mjs';
import { startMailbox } from './setup/mailbox.mjs';
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
const folder = process.env.STAND_MARK_DATA ?? '.data';

async function main() {
  await portFree();
  await installPackages();
  await buildWhatIsStale();
  for (let deaths = 0; ; deaths += 1) {
    const database = await openDatabase();
    try {
      const { code, died } = await serveWith(database);
      if (!died) {
        if (code !== 0) say(`the server has ended by itself, with code ${code}`);
        process.exitCode = code;
        return;
      }
      if (deaths === mostDeaths)
        throw new SetupError(`the database has ended again and again. Its reason: ${database.log}`);
      say(`the database has ended by itself; starting it again. Its reason: ${database.log}`);
    } finally {
      await database.stop();
    }
  }
}

/** A database that ends more often than this has something that starting it again does not mend. */
const mostDeaths = 3;

/** @returns {Promise<import('./setup/mariadb.mjs').Database>} */
async function openDatabase() {
  const url = process.env.DATABASE_URL;
  if (!url) return startMariadb(folder);
  return { url, stop: async () => {}, watch: () => () => {}, log: 'its own log', takenUp: true };
}

/**
 * Migrates, fills the demo in and serves until the server ends, or the database does.
 * @param {import('./setup/mariadb.mjs').Database} database
 */
async function serveWith(database) {
  const env = {
    // Copies of rows that this server has used; all of it may be deleted.
    STAND_MARK_COLUMNS_FOLDER: resolve(folder, 'columns'),
    ...process.env,
    DATABASE_URL: database.url,
    STAND_MARK_DEMO: demo ? '1' : '',
    NODE_ENV: 'production',
    ...(demo ? await demoMails() : {}),
  };
  await backUpBefore(database.url);
  say('bringing the tables up to date');
  await run(process.execPath, ['dist/server/migrate.js'], { env });
  if (demo) await run(process.execPath, ['dist/server/fillDemo.js'], { env });
  return serve(env, database);
}

/**
 * The demo's mails go to a simulated mailbox, and its author reads what was done by whom, unless it is set
 * otherwise.
 * @returns {Promise<NodeJS.ProcessEnv>}
 */
async function demoMails() {
  const auditors = process.env.STAND_MARK_AUDITORS || 'maren@pellow-isles.example';
  if (process.env.STAND_MARK_SMTP) return { STAND_MARK_AUDITORS: auditors };
  mailbox ??= await startMailbox(Number(process.env.PORT ?? 4170) + 1);
  return { STAND_MARK_AUDITORS: auditors, STAND_MARK_SMTP: mailbox };
}

/** Where mails go, once there is a mailbox. @type {string | null} */
let mailbox = null;

/**
 * Writes a backup before rows that are kept as they were before are taken over.
 * @param {string} url
 */
async function backUpBefore(url) {
  if (!(await hasOldRows(url))) return;
  const path = resolve(folder, 'before-columns.sql.gz');
  if (existsSync(path)) return;
  say(`writing all that is stored to ${path}, before its rows are kept otherwise`);
  await installDumpPrograms();
  mkdirSync(folder, { recursive: true });
  await dump(url, path);
}

/**
 * Whether any version's rows are in tables of their own.
 * @param {string} url
 */
async function hasOldRows(url) {
  const { createConnection } = await import('mysql2/promise');
  const connection = await createConnection(url);
  try {
    /** @param {string} sql */
    const any = async (sql) =>
      /** @type {unknown[]} */ ((await connection.query(sql))[0]).length > 0;
    if (!(await any("SHOW TABLES LIKE 'source_versions'"))) return false;
    const isNew = await any("SHOW COLUMNS FROM source_versions LIKE 'format'");
    return any(`SELECT id FROM source_versions ${isNew ? 'WHERE format = 0' : ''} LIMIT 1`);
  } finally {
    await connection.end();
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
 * @param {import('./setup/mariadb.mjs').Database} database
 * @returns {Promise<{ code: number, died: boolean }>} how it ended: the server's exit code, or the
 *   death of the database
 */
function serve(env, database) {
  const server = spawn(process.execPath, ['dist/server/serve.js'], { stdio: 'inherit', env });
  // The server ends by itself on a signal to the group; this process stays to stop the database.
  let asked = false;
  const stop = () => {
    asked = true;
    server.kill('SIGTERM');
  };
  const signals = /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']);
  for (const signal of signals) process.on(signal, stop);
  let died = false;
  const unwatch = database.watch(() => {
    died = true;
    stop();
  });
  return new Promise((done) =>
    server.on('close', (code) => {
      unwatch();
      for (const signal of signals) process.off(signal, stop);
      // What watches this process starts it again when it ends with an error.
      done({ code: asked ? (code ?? 0) : code || 1, died });
    }),
  );
}

main().catch(giveUp);
