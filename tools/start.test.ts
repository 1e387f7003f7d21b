import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { SourceDetail } from '../contract';

/** Reached by the user that the database runs as. */
const data = mkdtempSync(join(tmpdir(), 'stand-mark-'));
let started: ChildProcess;
let output = '';
let origin = '';
let cookie = '';

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

/** What a person sends and is answered. */
async function ask(path: string, method = 'GET', body?: unknown): Promise<Response> {
  const response = await fetch(`${origin}/api${path}`, {
    method,
    headers: {
      'x-stand-mark': '1',
      cookie,
      'content-type': typeof body === 'string' ? 'application/octet-stream' : 'application/json',
    },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
  cookie = response.headers.get('set-cookie')?.split(';')[0] ?? cookie;
  return response;
}

async function deliver(csv: string, target: object): Promise<Response> {
  const { id } = (await (await ask('/uploads?name=fares.csv', 'POST', csv)).json()) as {
    id: string;
  };
  return ask(`/uploads/${id}/bring-in`, 'POST', { ...target, form: {} });
}

it('starts again when its database dies in the middle of a delivery, and has lost nothing', async () => {
  const port = 20_000 + Math.floor(Math.random() * 20_000);
  origin = `http://127.0.0.1:${port}`;
  const { DATABASE_URL: _, ...env } = process.env;
  started = spawn(process.execPath, ['tools/start.mjs', '--empty'], {
    env: { ...env, STAND_MARK_DATA: data, PORT: String(port) },
  });
  started.stdout?.on('data', (text) => (output += String(text)));
  started.stderr?.on('data', (text) => (output += String(text)));
  await until(() => openings() === 1);
  const account = {
    email: 'maren@isles.example',
    name: 'Maren',
    password: 'long enough to be one',
  };
  await ask('/people', 'POST', account);
  await ask('/session', 'POST', account);
  await (await deliver('Day,Fares\n2026-01-05,1\n2026-01-06,2\n', { name: 'Fares' })).text();
  const rows = Array.from({ length: 300_000 }, (_, row) => `2026-01-05,${row}`).join('\n');
  const telling = (await deliver(`Day,Fares\n${rows}`, { sourceId: 1 })).body?.getReader();
  for (let told = ''; !/"storing","share":0\.[1-9]/.test(told);)
    told = new TextDecoder().decode((await telling?.read())?.value);
  const { pid } = JSON.parse(readFileSync(`${data}/mariadb.json`, 'utf8')) as { pid: number };
  process.kill(pid, 'SIGKILL');
  await telling?.cancel().catch(() => {});
  await until(() => openings() === 2);
  expect(output).toContain('the database has ended by itself; starting it again');
  const source = (await (await ask('/sources/1')).json()) as SourceDetail;
  expect([source.rows, source.versions.length]).toEqual([2, 1]);
  expect(await (await ask('/sources/1/rows.json')).json()).toEqual([
    { Day: '2026-01-05', Fares: 1 },
    { Day: '2026-01-06', Fares: 2 },
  ]);
}, 120_000);
