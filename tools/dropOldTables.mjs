// @ts-check
import { existsSync } from 'node:fs';
import { buildWhatIsStale } from './setup/build.mjs';
import { startMariadb } from './setup/mariadb.mjs';
import { run } from './setup/run.mjs';
import { giveUp, SetupError } from './setup/say.mjs';

/*
 * npm run drop-old-tables: drops the tables in which rows were kept before they were taken over.
 * Settings: STAND_MARK_DATA (the data folder), DATABASE_URL (a MariaDB of your own).
 */
async function main() {
  const folder = process.env.STAND_MARK_DATA ?? '.data';
  const own = process.env.DATABASE_URL;
  if (!own && !existsSync(`${folder}/mariadb`))
    throw new SetupError(`there is nothing in ${folder}. STAND_MARK_DATA names another.`);
  await buildWhatIsStale();
  const database = own ? null : await startMariadb(folder);
  try {
    const env = { ...process.env, DATABASE_URL: own ?? database?.url };
    await run(process.execPath, ['dist/server/dropOldTables.js'], { env });
  } finally {
    // The server that uses it goes on.
    if (database && !database.takenUp) await database.stop();
  }
}

main().catch(giveUp);
