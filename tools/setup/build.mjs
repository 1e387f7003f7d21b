// @ts-check
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { compressFiles } from './compress.mjs';
import { run } from './run.mjs';
import { say } from './say.mjs';

const sources = ['core', 'contract', 'server', 'web', 'demo', 'benchmark'];
const files = ['package-lock.json', 'vite.config.ts', 'vite.server.config.ts', 'tsconfig.json'];

/** Builds interface and server into dist/ when anything they are made from has changed. */
export async function buildWhatIsStale() {
  const stamp = 'dist/built-from';
  const wanted = fingerprint();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  say('building');
  rmSync(stamp, { force: true });
  const vite = 'node_modules/vite/bin/vite.js';
  await Promise.all([
    run(process.execPath, [vite, 'build', '--logLevel=error'], { quiet: true }),
    run(process.execPath, [vite, 'build', '--config=vite.server.config.ts', '--logLevel=error'], {
      quiet: true,
    }),
  ]);
  await compressFiles('dist/web');
  writeFileSync(stamp, wanted);
}

function fingerprint() {
  const hash = createHash('sha256');
  const names = sources.flatMap((folder) =>
    readdirSync(folder, { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile())
      .map((entry) => join(entry.parentPath, entry.name)),
  );
  for (const name of [...names.sort(), ...files]) hash.update(name).update(readFileSync(name));
  return hash.digest('hex');
}
