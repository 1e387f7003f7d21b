// @ts-check
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { startCluster, urlAt } from '../cluster/setup/cluster.mjs';
import { buildWhatIsStale } from './setup/build.mjs';
import { installPackages } from './setup/packages.mjs';
import { giveUp } from './setup/say.mjs';
import { jest, sayCounts } from './setup/suites.mjs';

/*
 * npm run test:cluster: starts three nodes of a database cluster on loopback, in .test-cluster, and runs
 * over it what is tested of the server over HTTP, and what is broken of the cluster on purpose. Ends with
 * a plain line that counts the tests. `npm run test:cluster -- killed` breaks by one file alone;
 * STAND_MARK_STEADY_MINUTES says for how long readers and authors go on.
 */
const folder = '.test-cluster';
const only = process.argv.slice(2);

async function main() {
  await installPackages();
  await buildWhatIsStale();
  const { cluster, stop } = await startCluster(folder);
  const signals = /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']);
  for (const signal of signals) process.once(signal, () => void stop().then(() => process.exit(1)));
  const counts = [];
  try {
    const env = {
      ...process.env,
      STAND_MARK_CLUSTER: folder,
      TEST_DATABASE_URL: urlAt(cluster.proxy),
      // A server beside another writes at another node.
      TEST_DATABASE_BESIDE_URL: urlAt(cluster.nodes[1]?.port ?? 0),
    };
    if (only.length === 0) {
      const more = ['--runTestsByPath', ...testsOfServers()];
      counts.push(await jest('server', { folder, projects: ['server'], more }, env));
    }
    const more = ['--runInBand', ...(only.length > 0 ? ['--testPathPatterns', ...only] : [])];
    counts.push(await jest('cluster', { folder, projects: ['cluster'], more }, env));
  } finally {
    await stop();
  }
  sayCounts(counts);
}

/**
 * What hostile files are held to is time and memory of processes, which so many databases on one machine
 * would upset; it is tested without them.
 */
const without = 'hostile.test.ts';

/** The tests that ask a server, or its database, something. */
function testsOfServers() {
  const names = readdirSync('server', { recursive: true, withFileTypes: true })
    .filter((entry) => entry.name.endsWith('.test.ts') && entry.name !== without)
    .map((entry) => join(entry.parentPath, entry.name));
  return names.filter((name) => /startServer|makeDatabase/.test(readFileSync(name, 'utf8')));
}

main().catch(giveUp);
