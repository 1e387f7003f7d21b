// @ts-check
import { spawn } from 'node:child_process';
import { SetupError } from './say.mjs';

/**
 * Runs a command to its end.
 * @param {string} command
 * @param {string[]} args
 * @param {{ quiet?: boolean, env?: NodeJS.ProcessEnv, hint?: string }} [options]
 *   quiet keeps its output back and shows it only when the command fails; hint says what to do then
 * @returns {Promise<string>} what it printed, when quiet
 * @throws {SetupError} when the command cannot be started or ends with another code than 0
 */
export function run(command, args, { quiet = false, env = process.env, hint = '' } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: quiet ? 'pipe' : 'inherit', env });
    let output = '';
    child.stdout?.on('data', (chunk) => (output += chunk));
    child.stderr?.on('data', (chunk) => (output += chunk));
    child.on('error', (error) => reject(new SetupError(`${command}: ${error.message}. ${hint}`)));
    child.on('close', (code, signal) => {
      if (code === 0) resolve(output);
      else {
        const ending = signal ? `was stopped by ${signal}` : `ended with code ${code}`;
        const tail = output.split('\n').slice(-25).join('\n');
        reject(new SetupError(`${command} ${args[0] ?? ''} ${ending}. ${hint}\n${tail}`));
      }
    });
  });
}
