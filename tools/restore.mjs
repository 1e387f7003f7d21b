// @ts-check
import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { installDumpPrograms, load } from './setup/dump.mjs';
import { restoring, startMariadb } from './setup/mariadb.mjs';
import { giveUp, say, SetupError } from './setup/say.mjs';

/*
 * npm run restore -- FILE: reads a backup into an empty data folder (STAND_MARK_DATA), or into the
 * empty database that DATABASE_URL names. One that was killed is begun again from an empty folder.
 */
async function main() {
  const [, , file] = process.argv;
  if (!file || !existsSync(file))
    throw new SetupError('name a backup that is there: npm run restore -- FILE');
  await installDumpPrograms();
  const own = process.env.DATABASE_URL;
  if (own) {
    await load(own, resolve(file));
    return say('all of it is back. Start with: npm start');
  }
  const folder = process.env.STAND_MARK_DATA ?? '.data';
  await emptied(folder);
  const database = await startMariadb(folder, { half: true });
  try {
    say(`reading ${file} into ${folder}`);
    await load(database.url, resolve(file));
  } finally {
    await database.stop();
  }
  rmSync(restoring(folder));
  say(`all of it is in ${folder}. Start with: npm start`);
}

/**
 * Makes sure of an empty folder, marked as one that a restore is at.
 * @param {string} folder
 */
async function emptied(folder) {
  const there = existsSync(folder) ? readdirSync(folder) : [];
  if (there.length > 0 && !existsSync(restoring(folder)))
    throw new SetupError(
      `there is something in ${folder} already, and nothing of it is overwritten. Name an empty folder: STAND_MARK_DATA=FOLDER npm run restore -- FILE`,
    );
  if (there.length > 0) {
    say('beginning again after a restore that did not come to its end');
    // Its database may still be running.
    if (existsSync(`${folder}/mariadb.json`))
      await (await startMariadb(folder, { half: true })).stop();
    for (const name of there)
      if (resolve(folder, name) !== resolve(restoring(folder)))
        rmSync(resolve(folder, name), { recursive: true, force: true });
  }
  mkdirSync(folder, { recursive: true, mode: 0o755 });
  writeFileSync(restoring(folder), '');
}

main().catch(giveUp);
