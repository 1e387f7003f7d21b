// @ts-check
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { createConnection } from 'mysql2/promise';
import { installFromDebian } from '../../tools/setup/debian.mjs';
import { mariadbProgram } from '../../tools/setup/mariadb.mjs';
import { say, SetupError } from '../../tools/setup/say.mjs';
import { mayRun, newNode, nodeRuns, prepareNode, startNode, stopNode } from './node.mjs';
import { clusterPrograms } from './programs.mjs';
import { startProxy } from './proxy.mjs';

/** @typedef {import('./node.mjs').Node} Node */

/**
 * @typedef {object} Cluster three nodes and the way to the one that is written
 * @property {Node[]} nodes
 * @property {number} proxy the port of the way
 */

const account = 'standmark:standmark';

/**
 * Starts three nodes on loopback and looks after them: one that ends by itself is started again, as the
 * service manager of a machine of its own would do.
 * @param {string} folder made anew, but for the programs in it
 * @returns {Promise<{ cluster: Cluster, stop: () => Promise<void> }>}
 * @throws {SetupError}
 */
export async function startCluster(folder) {
  await installFromDebian(
    mariadbProgram,
    ['mariadb-server-core', 'mariadb-client-core'],
    'MariaDB',
  );
  const home = resolve(folder);
  const programs = await clusterPrograms(`${home}/programs`);
  rmSync(`${home}/nodes`, { recursive: true, force: true });
  mkdirSync(`${home}/nodes`, { recursive: true });
  /** @type {Node[]} */
  const nodes = [];
  for (const name of ['n1', 'n2', 'n3']) nodes.push(await newNode(`${home}/nodes`, name));
  const looking = new AbortController();
  let looked = Promise.resolve();
  const stopNodes = async () => {
    looking.abort();
    // One that is being started just now is stopped as well.
    await looked;
    // The last one to go is the one that begins next time.
    for (const node of [...nodes].reverse()) await stopNode(node);
  };
  try {
    for (const [at, node] of nodes.entries()) {
      say(`starting node ${node.name} on 127.0.0.1:${node.port}`);
      await prepareNode(node, nodes, programs);
      await startNode(node, programs, { first: at === 0 });
      await joined(node, () => nodeRuns(node));
      if (at === 0) await makeUsers(node);
    }
    const proxy = await startProxy(`${home}/nodes`, nodes, programs);
    looked = lookAfter(nodes, programs, looking.signal);
    const cluster = { nodes, proxy: proxy.port };
    writeFileSync(`${home}/nodes/cluster.json`, JSON.stringify(cluster));
    return { cluster, stop: () => (proxy.stop(), stopNodes()) };
  } catch (error) {
    await stopNodes();
    throw error;
  }
}

/**
 * The cluster that another process has started.
 * @param {string} folder
 * @returns {Cluster}
 */
export const runningCluster = (folder) =>
  JSON.parse(readFileSync(`${folder}/nodes/cluster.json`, 'utf8'));

/**
 * How the application is told of the cluster.
 * @param {number} port of a node, or of the way
 */
export const urlAt = (port) => `mysql://${account}@127.0.0.1:${port}/standmark`;

/** How long Debian's service waits before it starts a server again, in milliseconds. */
const restartsAfter = 5000;

/**
 * @param {Node[]} nodes
 * @param {import('./programs.mjs').Programs} programs
 * @param {AbortSignal} ended
 */
async function lookAfter(nodes, programs, ended) {
  /** @type {Map<Node, number>} when a node that does not run was first seen so */
  const gone = new Map();
  while (!ended.aborted) {
    for (const node of nodes) {
      if (nodeRuns(node)) gone.delete(node);
      else if (!gone.has(node)) gone.set(node, Date.now());
      const since = gone.get(node);
      const isDue = since !== undefined && Date.now() - since > restartsAfter;
      if (!isDue || !mayRun(node) || ended.aborted) continue;
      await startNode(node, programs).catch((error) => say(`${node.name}: ${error.message}`));
    }
    await wait(500);
  }
}

/** @param {Node} node */
async function makeUsers(node) {
  const root = await createConnection({ socketPath: `${node.home}/sock`, user: 'root' });
  await root.query('CREATE DATABASE standmark CHARACTER SET utf8mb4 COLLATE utf8mb4_bin');
  await root.query("CREATE USER standmark@'127.0.0.1' IDENTIFIED BY 'standmark'");
  await root.query("GRANT ALL ON `standmark%`.* TO standmark@'127.0.0.1'");
  await root.query("CREATE USER haproxy@'127.0.0.1'");
  await root.end();
}

/**
 * Waits until a node has all that the others have.
 * @param {Node} node
 * @param {() => boolean} alive
 * @throws {SetupError} after two minutes, or when it has ended
 */
export async function joined(node, alive = () => true) {
  for (let i = 0; i < 480; i += 1) {
    if ((await statusOf(node, 'wsrep_local_state_comment')) === 'Synced') return;
    if (!alive()) break;
    await wait(250);
  }
  throw new SetupError(`node ${node.name} has not joined. The reason stands in ${node.home}/log.`);
}

/**
 * The name of the node that a port leads to; empty when none answers.
 * @param {number} port of a node, or of the way
 */
export const nodeBehind = (port) =>
  valueOf({ uri: urlAt(port), connectTimeout: 5000 }, "SHOW VARIABLES LIKE 'wsrep_node_name'");

/**
 * What a node says of itself; empty when it does not answer.
 * @param {Node} node
 * @param {string} name
 */
export const statusOf = (node, name) =>
  valueOf({ socketPath: `${node.home}/sock`, user: 'root' }, `SHOW STATUS LIKE '${name}'`);

/**
 * @param {import('mysql2/promise').ConnectionOptions} where
 * @param {string} statement that shows one value
 * @returns {Promise<string>} empty when nobody answers
 */
async function valueOf(where, statement) {
  /** @type {import('mysql2/promise').Connection | undefined} */
  let connection;
  try {
    connection = await createConnection(where);
    const [rows] = await connection.query(statement);
    return /** @type {{ Value: string }[]} */ (rows)[0]?.Value ?? '';
  } catch {
    return '';
  } finally {
    connection?.destroy();
  }
}
