// @ts-check
import { spawn } from 'node:child_process';
import { openSync, readFileSync, writeFileSync } from 'node:fs';
import { answering, freePort, isRunning } from '../../tools/setup/mariadb.mjs';
import { withOwnMachine } from './node.mjs';

/**
 * Starts the way to the node that is written, with the configuration of docs/growing.
 * @param {string} folder
 * @param {readonly import('./node.mjs').Node[]} nodes
 * @param {import('./programs.mjs').Programs} programs
 * @returns {Promise<{ port: number, stop: () => void }>}
 */
export async function startProxy(folder, nodes, { haproxy, env }) {
  const port = await freePort();
  let filled = readFileSync('docs/growing/haproxy.cfg', 'utf8').replace(':3307', `:${port}`);
  for (const [at, node] of nodes.entries())
    filled = filled.replace(`NODE_${at + 1}:3306`, `127.0.0.1:${node.port}`);
  const config = `${folder}/haproxy.cfg`;
  writeFileSync(config, filled);
  const log = openSync(`${folder}/haproxy.log`, 'a');
  const child = spawn(...withOwnMachine(haproxy, ['-db', '-f', config]), {
    env,
    stdio: ['ignore', log, log],
  });
  const { pid = 0 } = child;
  await answering(port, () => isRunning(pid), `${folder}/haproxy.log`);
  return { port, stop: () => void child.kill('SIGTERM') };
}
