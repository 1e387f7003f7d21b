// @ts-check
import { existsSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { run } from '../../tools/setup/run.mjs';
import { say } from '../../tools/setup/say.mjs';

/**
 * @typedef {object} Programs where the programs of a cluster are, and what they need to run
 * @property {string} haproxy
 * @property {string} galera the library that MariaDB loads
 * @property {NodeJS.ProcessEnv} env
 */

/**
 * Gets what Debian's packages have of a cluster and this machine has not: unpacked into a folder, so
 * that no service of the machine's own is installed or started.
 * @param {string} folder where they are kept
 * @returns {Promise<Programs>}
 * @throws {import('../../tools/setup/say.mjs').SetupError} when the packages cannot be had
 */
export async function clusterPrograms(folder) {
  const home = resolve(folder);
  const done = `${home}/unpacked`;
  if (!existsSync(done)) {
    say('getting the programs of a cluster');
    await unpack(home);
    writeFileSync(done, '');
  }
  /** @param {string} path a place of the unpacked packages, unless the machine has the file itself */
  const found = (path) => (existsSync(path) ? path : `${home}${path}`);
  const libraries = readdirSync(`${home}/usr/lib`)
    .filter((name) => name.endsWith('-linux-gnu'))
    .map((name) => `${home}/usr/lib/${name}`);
  const paths = [process.env.PATH, '/usr/sbin:/sbin', `${home}/usr/bin:${home}/usr/sbin`];
  return {
    haproxy: found('/usr/sbin/haproxy'),
    galera: found('/usr/lib/galera/libgalera_smm.so'),
    env: { ...process.env, PATH: paths.join(':'), LD_LIBRARY_PATH: libraries.join(':') },
  };
}

/** @param {string} home */
async function unpack(home) {
  const archives = `${home}/archives`;
  mkdirSync(`${archives}/partial`, { recursive: true });
  const hint = 'Try by hand, as root: apt-get update';
  const options = ['-o', 'DPkg::Lock::Timeout=120', '-o', `Dir::Cache::archives=${archives}`];
  await run('apt-get', [...options, 'update'], { quiet: true, hint });
  const wanted = ['--no-install-recommends', '--download-only', 'mariadb-server', 'haproxy'];
  await run('apt-get', [...options, 'install', '-y', ...wanted], { quiet: true, hint });
  for (const name of readdirSync(archives).filter((each) => each.endsWith('.deb')))
    await run('dpkg', ['-x', `${archives}/${name}`, home], { quiet: true });
}
