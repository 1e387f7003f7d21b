// @ts-check
import { spawn } from 'node:child_process';
import { chownSync, existsSync, mkdirSync, openSync, readFileSync, rmSync } from 'node:fs';
import { writeFileSync } from 'node:fs';
import { setTimeout as wait } from 'node:timers/promises';
import { databaseOwner, freePort, isRunning } from '../../tools/setup/mariadb.mjs';
import { makeTables, mariadbProgram } from '../../tools/setup/mariadb.mjs';
import { run } from '../../tools/setup/run.mjs';

/**
 * @typedef {object} Node one of the three servers of the cluster, on loopback
 * @property {string} name
 * @property {string} home its folder
 * @property {number} port where it is asked
 * @property {{ group: number, increments: number, state: number }} between ports between the nodes: for
 *   the group, for what one that was away has missed, and for the state of one that has nothing
 */

/**
 * @param {string} folder the cluster's
 * @param {string} name
 * @returns {Promise<Node>} a node with ports of its own, not started
 */
export async function newNode(folder, name) {
  const [port = 0, group = 0, increments = 0, state = 0] = await Promise.all(
    Array.from({ length: 4 }, freePort),
  );
  return { name, home: `${folder}/${name}`, port, between: { group, increments, state } };
}

/**
 * Makes a node's folder and its configuration: that of docs/growing, with what several nodes on one
 * machine need beside.
 * @param {Node} node
 * @param {readonly Node[]} all
 * @param {import('./programs.mjs').Programs} programs
 */
export async function prepareNode(node, all, { galera }) {
  const owner = databaseOwner(prepared(node.home));
  const { group, increments, state } = node.between;
  const filled = readFileSync('docs/growing/node.cnf', 'utf8')
    .replaceAll('NODE_ADDRESSES', all.map((each) => `127.0.0.1:${each.between.group}`).join(','))
    .replaceAll('NODE_ADDRESS', '127.0.0.1')
    .replaceAll('NODE_NAME', node.name)
    .replace(
      'gcache.size=1G;',
      `gcache.size=256M;gmcast.listen_addr=tcp://127.0.0.1:${group};ist.recv_addr=127.0.0.1:${increments};`,
    );
  const here = {
    port: node.port,
    socket: `${node.home}/sock`,
    datadir: `${node.home}/data`,
    tmpdir: `${node.home}/tmp`,
    'pid-file': `${node.home}/data/pid`,
    innodb_buffer_pool_size: '256M',
    wsrep_provider: galera,
    wsrep_node_address: `127.0.0.1:${group}`,
    // The donor hands its data over as files: needs no user, and is there with every server.
    wsrep_sst_method: 'rsync',
    wsrep_sst_receive_address: `127.0.0.1:${state}`,
    ...(owner ? { user: owner.name } : {}),
  };
  const lines = Object.entries(here).map(([setting, value]) => `${setting} = ${value}`);
  writeFileSync(`${node.home}/node.cnf`, [filled, ...lines, ''].join('\n'));
  if (node === all[0]) {
    await makeTables(node.home, owner);
    if (!existsSync(`${node.home}/data`)) await run('mv', [`${node.home}/mariadb`, here.datadir]);
  }
  for (const folder of [node.home, here.datadir, here.tmpdir]) {
    prepared(folder);
    if (owner) chownSync(folder, owner.uid, owner.gid);
  }
}

/** @param {string} folder */
function prepared(folder) {
  mkdirSync(folder, { recursive: true, mode: 0o755 });
  return folder;
}

/**
 * Starts a node. One that was killed begins where it stood, as Debian's service does it, so that it is
 * given what it has missed and not all there is.
 * @param {Node} node
 * @param {import('./programs.mjs').Programs} programs
 * @param {{ first?: boolean }} [options] first: it makes the cluster
 */
export async function startNode(node, { env }, { first = false } = {}) {
  const defaults = `--defaults-file=${node.home}/node.cnf`;
  const from = first ? ['--wsrep-new-cluster'] : await positionOf(node, defaults, env);
  const log = openSync(`${node.home}/log`, 'a');
  const child = spawn(...withOwnMachine(mariadbProgram, [defaults, ...from]), {
    env,
    detached: true,
    stdio: ['ignore', log, log],
  });
  child.unref();
  writeFileSync(`${node.home}/process`, String(child.pid));
}

/**
 * A program that has a machine of its own where it is not tried out: it goes before the servers and the
 * tests here, whose work would keep it silent. Without the right to that it runs as everything else.
 * @param {string} program
 * @param {string[]} args
 * @returns {[string, string[]]} what to start
 */
export const withOwnMachine = (program, args) => ['nice', ['-n', '-10', program, ...args]];

/**
 * @param {Node} node
 * @param {string} defaults
 * @param {NodeJS.ProcessEnv} env
 */
async function positionOf(node, defaults, env) {
  if (!existsSync(`${node.home}/data/ibdata1`)) return [];
  const told = `${node.home}/recovery.log`;
  rmSync(told, { force: true });
  const args = [defaults, '--wsrep-recover', `--log-error=${told}`];
  await run(mariadbProgram, args, { quiet: true, env });
  const [, position] = /WSREP: Recovered position:\s*(\S+)/.exec(readFileSync(told, 'utf8')) ?? [];
  return position ? [`--wsrep-start-position=${position}`] : [];
}

/** @param {Node} node */
const processOf = ({ home }) =>
  existsSync(`${home}/process`) ? Number(readFileSync(`${home}/process`, 'utf8')) : 0;

/** @param {Node} node */
export const nodeRuns = (node) => processOf(node) > 0 && isRunning(processOf(node));

/**
 * Ends a node as a failing machine does; whoever looks after the cluster starts it again.
 * @param {Node} node
 * @param {{ staysDown?: boolean }} [options] staysDown: until `letUp`
 */
export function killNode(node, { staysDown = false } = {}) {
  if (staysDown) writeFileSync(`${node.home}/down`, '');
  process.kill(processOf(node), 'SIGKILL');
}

/** @param {Node} node */
export const letUp = ({ home }) => rmSync(`${home}/down`, { force: true });

/** @param {Node} node */
export const mayRun = ({ home }) => !existsSync(`${home}/down`);

/** @param {Node} node */
export async function stopNode(node) {
  if (!nodeRuns(node)) return;
  process.kill(processOf(node), 'SIGTERM');
  for (let i = 0; i < 200 && nodeRuns(node); i += 1) await wait(100);
  if (nodeRuns(node)) process.kill(processOf(node), 'SIGKILL');
}
