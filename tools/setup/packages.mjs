// @ts-check
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { run } from './run.mjs';
import { say } from './say.mjs';

const stamp = 'node_modules/.stand-mark-installed';

/** Installs the npm packages when they are missing, stale or were only half installed. */
export async function installPackages() {
  const wanted = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  say('installing packages');
  // Not `npm ci`: it refuses a lock file that lacks the binaries of platforms other than Linux.
  const quietly = ['--no-save', '--no-audit', '--no-fund', '--loglevel=error'];
  await run('npm', ['install', ...quietly], {
    quiet: true,
    env: { ...process.env, NODE_ENV: 'development' },
    hint: 'Check that the npm registry can be reached, then run the command again.',
  });
  // Written last: an install that was killed half-way is done anew.
  writeFileSync(stamp, wanted);
}
