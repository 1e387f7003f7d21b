// @ts-check
import { existsSync } from 'node:fs';
import { buildWhatIsStale } from './setup/build.mjs';
import { installPackages } from './setup/packages.mjs';
import { run } from './setup/run.mjs';
import { giveUp } from './setup/say.mjs';

/* npm run bench: prints ratios against a peer measured in the same run; the smaller, the better. */
async function main() {
  await installPackages();
  await buildWhatIsStale();
  if (!existsSync('dist/server/bench.js')) throw new Error('The benchmark was not built.');
  await run(process.execPath, ['dist/server/bench.js']);
}

main().catch(giveUp);
