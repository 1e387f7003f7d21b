// @ts-check
import { existsSync } from 'node:fs';
import { run } from './run.mjs';
import { say, SetupError } from './say.mjs';

/**
 * Makes sure a program of a Debian package is there.
 * @param {string} program its absolute path
 * @param {string[]} packages what to install when it is missing
 * @param {string} name what to call it in a sentence
 * @throws {SetupError} when it is missing and this user may not install it
 */
export async function installFromDebian(program, packages, name) {
  if (existsSync(program)) return;
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    throw new SetupError(`${name} is missing. Install it as root with: ${command}`);
  }
  say(`installing ${name}`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const quiet = { quiet: true, env, hint: `Try it by hand: ${command}` };
  // An earlier install may have been killed between unpacking and configuring.
  await run('dpkg', ['--configure', '-a'], quiet);
  await run('apt-get', ['-o', 'DPkg::Lock::Timeout=120', 'update'], quiet);
  await run(
    'apt-get',
    [
      '-o',
      'DPkg::Lock::Timeout=120',
      '-f',
      'install',
      '-y',
      '--no-install-recommends',
      ...packages,
    ],
    quiet,
  );
}
