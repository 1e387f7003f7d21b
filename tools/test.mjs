// @ts-check
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { buildWhatIsStale } from './setup/build.mjs';
import { installFromDebian } from './setup/debian.mjs';
import { installDumpPrograms } from './setup/dump.mjs';
import { startMariadb } from './setup/mariadb.mjs';
import { installPackages } from './setup/packages.mjs';
import { giveUp } from './setup/say.mjs';
import { check, jest, sayCounts, suite } from './setup/suites.mjs';

/*
 * npm test: installs what is missing, checks the form of the code, and runs all tests against a
 * throw-away database. Ends with a plain line that counts them.
 */
const folder = '.test-data';

const walkCommand = ['node_modules/@playwright/test/cli.js', 'test'];

async function main() {
  await installPackages();
  await installFromDebian('/usr/bin/chromium', ['chromium'], 'Chromium');
  await installDumpPrograms();
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder);
  // What computes goes side by side. What is tested of servers, of their moments and leases, is upset
  // by a busy machine, and comes after; walks through the interface leave nothing to others.
  const [, ...counts] = await Promise.all([
    buildWhatIsStale(),
    jest('core and interface', { folder, projects: ['core', 'web'] }, process.env),
    check('lint', ['node_modules/eslint/bin/eslint.js', '.']),
    check('directions of imports', [
      'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
      '--config',
      '.dependency-cruiser.mjs',
      '.',
    ]),
    check('types', ['node_modules/typescript-native/bin/tsc', '--noEmit']),
    check('format', ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level=warn', '.']),
  ]);
  const database = await startMariadb(folder);
  try {
    const env = { ...process.env, TEST_DATABASE_URL: database.url };
    counts.push(await jest('server', { folder, projects: ['server'] }, env));
    const walks = await suite('interface', walkCommand, env, () =>
      playwrightCount(`${folder}/e2e.json`),
    );
    counts.push(walks);
  } finally {
    await database.stop();
  }
  sayCounts(counts);
}

/** @param {string} path */
function playwrightCount(path) {
  const { stats } = JSON.parse(readFileSync(path, 'utf8'));
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
}

main().catch(giveUp);
