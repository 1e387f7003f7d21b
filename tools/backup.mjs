// @ts-check
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { dump, installDumpPrograms } from './setup/dump.mjs';
import { startMariadb } from './setup/mariadb.mjs';
import { giveUp, say, SetupError } from './setup/say.mjs';

/*
 * npm run backup -- FILE: writes all that is stored to one packed file, also while the server runs.
 * Settings: STAND_MARK_DATA (the data folder), DATABASE_URL (a MariaDB of your own).
 */
async function main() {
  const written = process.argv[2] ?? `stand-mark-${new Date().toISOString().slice(0, 10)}.sql.gz`;
  const path = resolve(written);
  if (existsSync(path))
    throw new SetupError(`${written} is there already. Name another: npm run backup -- FILE`);
  await installDumpPrograms();
  const folder = process.env.STAND_MARK_DATA ?? '.data';
  const own = process.env.DATABASE_URL;
  if (!own && !existsSync(`${folder}/mariadb`))
    throw new SetupError(
      `there is nothing in ${folder} to back up. STAND_MARK_DATA names another.`,
    );
  const database = own ? null : await startMariadb(folder);
  try {
    say(`writing ${written}`);
    await dump(own ?? database?.url ?? '', path);
    say(`all of it is in ${written}. Read it back with: npm run restore -- ${written}`);
  } finally {
    // The server that uses it goes on.
    if (database && !database.takenUp) await database.stop();
  }
}

main().catch(giveUp);
