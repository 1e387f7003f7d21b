// @ts-check
import { mkdirSync } from 'node:fs';
import { buildWhatIsStale } from './setup/build.mjs';
import { installFromDebian } from './setup/debian.mjs';
import { startMariadb } from './setup/mariadb.mjs';
import { installPackages } from './setup/packages.mjs';
import { run } from './setup/run.mjs';
import { giveUp } from './setup/say.mjs';

/*
 * npm run bench: prints ratios of our work to peers measured in the same run, and ends with an error
 * when one misses its limit. `npm run bench -- pages` measures one part: rows, files, storing, steps,
 * readers, servers, pages, changes, pointing or text.
 */
async function main() {
  await installPackages();
  await installFromDebian('/usr/bin/chromium', ['chromium'], 'Chromium');
  await buildWhatIsStale();
  const quiet = { quiet: true };
  const config = '--config=vite.benchmark.config.ts';
  await run(process.execPath, ['node_modules/vite/bin/vite.js', 'build', config], quiet);
  const folder = '.test-data/bench';
  mkdirSync(folder, { recursive: true });
  const database = await startMariadb(folder);
  try {
    const env = { ...process.env, TEST_DATABASE_URL: database.url };
    await run(process.execPath, ['dist/server/bench.js', ...process.argv.slice(2)], { env });
  } finally {
    await database.stop();
  }
}

main().catch(giveUp);
