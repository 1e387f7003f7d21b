import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Reached by the user that the database runs as. */
const data = mkdtempSync(join(tmpdir(), 'stand-mark-'));
let started: ChildProcess;
let output = '';

afterAll(async () => {
  const ended = new Promise((done) => started.once('close', done));
  started.kill('SIGTERM');
  await ended;
  rmSync(data, { recursive: true, force: true });
}, 60_000);

async function until(holds: () => boolean) {
  for (let i = 0; i < 600 && !holds(); i += 1) await new Promise((done) => setTimeout(done, 100));
  if (!holds()) throw new Error(`It never came to that: ${output}`);
}

const openings = () => output.split('stand mark: open http').length - 1;

it('notices that its database has died, says so, and starts both again', async () => {
  const port = 20_000 + Math.floor(Math.random() * 20_000);
  const { DATABASE_URL: _, ...env } = process.env;
  started = spawn(process.execPath, ['tools/start.mjs', '--empty'], {
    env: { ...env, STAND_MARK_DATA: data, PORT: String(port) },
  });
  started.stdout?.on('data', (text) => (output += String(text)));
  started.stderr?.on('data', (text) => (output += String(text)));
  await until(() => openings() === 1);
  const { pid } = JSON.parse(readFileSync(`${data}/mariadb.json`, 'utf8')) as { pid: number };
  process.kill(pid, 'SIGKILL');
  await until(() => openings() === 2);
  expect(output).toContain('the database has ended by itself; starting it again');
  expect((await fetch(`http://127.0.0.1:${port}/api/session`)).status).toBe(200);
}, 120_000);
