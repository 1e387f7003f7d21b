// @ts-check
import { spawn } from 'node:child_process';

/**
 * Starts the mailbox of the demo, which ends with this process.
 * @param {number} port of its page; any other when that is taken
 * @returns {Promise<string>} where mails go
 */
export async function startMailbox(port) {
  return (await tryPort(port)) ?? (await tryPort(0)) ?? '';
}

/**
 * @param {number} port
 * @returns {Promise<string | null>} null when it has not started
 */
function tryPort(port) {
  const child = spawn(process.execPath, ['tools/mailbox.mjs'], {
    env: { ...process.env, MAILBOX_PORT: String(port) },
    stdio: ['ignore', 'pipe', 'ignore', 'ipc'],
  });
  process.once('exit', () => child.kill());
  return new Promise((done) => {
    let output = '';
    child.stdout?.on('data', (chunk) => {
      output += chunk;
      const address = /smtp:\/\/\S+/.exec(output)?.[0];
      const shown = /^.*shown at.*$/m.exec(output)?.[0];
      if (!address || !shown) return;
      console.log(shown);
      // It is there for as long as this process, not the other way round.
      child.unref();
      child.channel?.unref();
      child.stdout?.destroy();
      done(address);
    });
    child.once('close', () => done(null));
  });
}
