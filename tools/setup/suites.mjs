// @ts-check
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { say } from './say.mjs';

/** The longest that one suite may take, in minutes: one that hangs is ended and counts as failed. */
const longest = 60;

/** @typedef {{ passed: number, failed: number }} Count */

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
  const end = () => child.kill('SIGKILL');
  process.once('exit', end);
  let output = '';
  child.stdout?.on('data', (chunk) => (output += chunk));
  child.stderr?.on('data', (chunk) => (output += chunk));
  return new Promise((done) =>
    child.on('close', (code) => {
      process.off('exit', end);
      done({ code: code ?? 1, output });
    }),
  );
}

/**
 * A check that either holds or does not.
 * @param {string} name
 * @param {string[]} args
 * @returns {Promise<Count>}
 */
export async function check(name, args) {
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
export async function suite(name, args, env, count) {
  say(`running the ${name} tests`);
  const { code } = await node(args, env, 'inherit');
  const { passed, failed } = counted(count);
  return { passed, failed: code !== 0 && failed === 0 ? 1 : failed };
}

/**
 * The tests of some projects.
 * @param {string} name
 * @param {{ folder: string, projects: string[], more?: string[] }} asked where what was counted is
 *   written, and what to say to Jest besides
 * @param {NodeJS.ProcessEnv} env
 */
export function jest(name, { folder, projects, more = [] }, env) {
  const file = `${folder}/jest-${projects.join('-')}.json`;
  const args = [
    'node_modules/jest/bin/jest.js',
    '--forceExit',
    '--json',
    `--outputFile=${file}`,
    '--selectProjects',
    ...projects,
    ...more,
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

/**
 * Ends a run of suites with a plain line that counts them, and with an error when one has failed.
 * @param {readonly Count[]} counts
 */
export function sayCounts(counts) {
  const passed = counts.reduce((sum, count) => sum + count.passed, 0);
  const failed = counts.reduce((sum, count) => sum + count.failed, 0);
  process.stdout.write(`${passed} passed, ${failed} failed\n`);
  process.exitCode = failed > 0 ? 1 : 0;
}
