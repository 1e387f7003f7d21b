// @ts-check
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { buildWhatIsStale } from './setup/build.mjs';
import { installFromDebian } from './setup/debian.mjs';
import { installDumpPrograms } from './setup/dump.mjs';
import { startMariadb } from './setup/mariadb.mjs';
import { installPackages } from './setup/packages.mjs';
import { giveUp, say } from './setup/say.mjs';

/*
 * npm test: installs what is missing, checks the form of the code, and runs all tests against a
 * throw-away database. Ends with a plain line that counts them.
 */
const folder = '.test-data';

/** The longest that one suite may take, in minutes: one that hangs is ended and counts as failed. */
const longest = 35;

const walkCommand = ['node_modules/@playwright/test/cli.js', 'test'];

/** @typedef {{ passed: number, failed: number }} Count */

async function main() {
  await installPackages();
  await installFromDebian('/usr/bin/chromium', ['chromium'], 'Chromium');
  await installDumpPrograms();
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder);
  // What computes goes side by side. What is tested of servers, of their moments and leases, is upset
  // by a busy machine, and comes after; walks through the interface leave nothing to others.
  const [, ...counts] = await Promise.all([
    buildWhatIsStale(),
    jest('core and interface', ['core', 'web'], process.env),
    check('lint', ['node_modules/eslint/bin/eslint.js', '.']),
    check('directions of imports', [
      'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
      '--config',
      '.dependency-cruiser.mjs',
      '.',
    ]),
    check('types', ['node_modules/typescript-native/bin/tsc', '--noEmit']),
    check('format', ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level=warn', '.']),
  ]);
  const database = await startMariadb(folder);
  try {
    const env = { ...process.env, TEST_DATABASE_URL: database.url };
    counts.push(await jest('server', ['server'], env));
    const walks = await suite('interface', walkCommand, env, () =>
      playwrightCount(`${folder}/e2e.json`),
    );
    counts.push(walks);
  } finally {
    await database.stop();
  }
  const passed = counts.reduce((sum, count) => sum + count.passed, 0);
  const failed = counts.reduce((sum, count) => sum + count.failed, 0);
  process.stdout.write(`${passed} passed, ${failed} failed\n`);
  process.exitCode = failed > 0 ? 1 : 0;
}

/**
 * @param {string[]} args
 * @param {NodeJS.ProcessEnv} env
 * @param {'inherit' | 'pipe'} stdio
 * @returns {Promise<{ code: number, output: string }>}
 */
function node(args, env, stdio) {
  const child = spawn(process.execPath, args, {
    stdio: ['ignore', stdio, stdio],
    env,
    timeout: longest * 60_000,
    killSignal: 'SIGKILL',
  });
  let output = '';
  child.stdout?.on('data', (chunk) => (output += chunk));
  child.stderr?.on('data', (chunk) => (output += chunk));
  return new Promise((done) => child.on('close', (code) => done({ code: code ?? 1, output })));
}

/**
 * A check that either holds or does not.
 * @param {string} name
 * @param {string[]} args
 * @returns {Promise<Count>}
 */
async function check(name, args) {
  const { code, output } = await node(args, process.env, 'pipe');
  say(`${name} ${code === 0 ? 'holds' : 'fails'}`);
  if (code !== 0) process.stdout.write(output);
  return { passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 };
}

/**
 * A suite that counts its own tests; one that broke off without a failed test counts as one.
 * @param {string} name
 * @param {string[]} args
 * @param {NodeJS.ProcessEnv} env
 * @param {() => Count} count
 * @returns {Promise<Count>}
 */
async function suite(name, args, env, count) {
  say(`running the ${name} tests`);
  const { code } = await node(args, env, 'inherit');
  const { passed, failed } = counted(count);
  return { passed, failed: code !== 0 && failed === 0 ? 1 : failed };
}

/**
 * The unit and server tests of some projects.
 * @param {string} name
 * @param {string[]} projects
 * @param {NodeJS.ProcessEnv} env
 */
function jest(name, projects, env) {
  const file = `${folder}/jest-${projects.join('-')}.json`;
  const args = [
    'node_modules/jest/bin/jest.js',
    '--forceExit',
    '--json',
    `--outputFile=${file}`,
    '--selectProjects',
    ...projects,
  ];
  return suite(name, args, env, () => jestCount(file));
}

/**
 * What a suite counted; nothing when it was ended before it could write that down.
 * @param {() => Count} count
 * @returns {Count}
 */
function counted(count) {
  try {
    return count();
  } catch {
    return { passed: 0, failed: 0 };
  }
}

/** @param {string} path */
function jestCount(path) {
  const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(path, 'utf8'));
  return { passed: numPassedTests, failed: numFailedTests };
}

/** @param {string} path */
function playwrightCount(path) {
  const { stats } = JSON.parse(readFileSync(path, 'utf8'));
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
}

main().catch(giveUp);
