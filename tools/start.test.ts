import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { SourceDetail } from '../contract';
import { TestPerson } from '../server/testing';

/** Reached by the user that the database runs as. */
const place = mkdtempSync(join(tmpdir(), 'stand-mark-'));
const { DATABASE_URL: _, ...bare } = process.env;
const account = { email: 'maren@isles.example', password: 'long enough to be one' };
const running = new Set<ChildProcess>();
const origins = new Map<ChildProcess, string>();

afterAll(async () => {
  await Promise.all([...running].map((child) => endOf(child, 'SIGTERM')));
  rmSync(place, { recursive: true, force: true });
});

/** A program of the tools at work on a data folder, with all that it has printed. */
function begin(program: 'start' | 'restore' | 'backup', folder: string, ...more: string[]) {
  const port = 20_000 + Math.floor(Math.random() * 20_000);
  const child = spawn(process.execPath, [`tools/${program}.mjs`, ...more], {
    env: { ...bare, STAND_MARK_DATA: folder, PORT: String(port) },
  });
  running.add(child);
  origins.set(child, `http://127.0.0.1:${port}`);
  const said = { text: '' };
  child.stdout?.on('data', (text) => (said.text += String(text)));
  child.stderr?.on('data', (text) => (said.text += String(text)));
  return { child, said, person: new TestPerson(`http://127.0.0.1:${port}`) };
}

async function endOf(child: ChildProcess, signal?: NodeJS.Signals): Promise<number | null> {
  running.delete(child);
  if (child.exitCode !== null) return child.exitCode;
  const ended = new Promise<number | null>((done) => child.once('close', done));
  if (signal) child.kill(signal);
  return ended;
}

async function until(holds: () => boolean, said: { text: string }) {
  for (let i = 0; i < 900 && !holds(); i += 1) await new Promise((done) => setTimeout(done, 100));
  if (!holds()) throw new Error(`It never came to that: ${said.text}`);
}

/** A server on a folder, once it serves. */
async function serving(folder: string) {
  const started = begin('start', folder, '--empty');
  const openings = () => started.said.text.split('stand mark: open http').length - 1;
  await until(() => openings() === 1, started.said);
  return { ...started, openings };
}

const rowsOf = async (person: TestPerson) =>
  JSON.parse((await person.send<string>('GET', '/sources/1/rows.json')).body) as unknown;

it('starts again when its database dies in the middle of a delivery, and has lost nothing', async () => {
  const data = join(place, 'first');
  const { said, person, openings } = await serving(data);
  await person.send('POST', '/people', { ...account, name: 'Maren' });
  await person.send('POST', '/session', account);
  const id = await person.source('Day,Fares\n2026-01-05,1\n2026-01-06,2\n');
  const { chartId } = await person.board(id);
  const figures = await person.send('GET', `/charts/${chartId}/frames`);
  const rows = Array.from({ length: 300_000 }, (_row, row) => `2026-01-05,${row}`).join('\n');
  const uploadId = await person.upload(`Day,Fares\n${rows}`);
  const ending = person.steps(`/uploads/${uploadId}/bring-in`, { sourceId: id, form: {} });
  const share = async () =>
    (await person.send<{ share: number }[]>('GET', '/deliveries')).body[0]?.share ?? 0;
  while ((await share()) < 0.1) await new Promise((done) => setTimeout(done, 50));
  const { pid } = JSON.parse(readFileSync(`${data}/mariadb.json`, 'utf8')) as { pid: number };
  process.kill(pid, 'SIGKILL');
  await ending.catch(() => {});
  await until(() => openings() === 2, said);
  expect(said.text).toContain('the database has ended by itself; starting it again');
  const source = (await person.send<SourceDetail>('GET', `/sources/${id}`)).body;
  expect([source.rows, source.versions.length]).toEqual([2, 1]);
  expect(await rowsOf(person)).toEqual([
    { Day: '2026-01-05', Fares: 1 },
    { Day: '2026-01-06', Fares: 2 },
  ]);
  expect((await person.send('GET', `/charts/${chartId}/frames`)).body).toEqual(figures.body);
});

it('is backed up while it serves, and read back whole into an empty folder, though killed on the way', async () => {
  const [data, file] = [join(place, 'first'), join(place, 'all.sql.gz')];
  const { cookie } = await signedIn();
  const backup = begin('backup', data, file);
  expect([await endOf(backup.child), backup.said.text]).toEqual([
    0,
    expect.stringContaining('all of it is in') as string,
  ]);
  // Nothing that is there is overwritten, neither a backup nor a folder.
  expect(await endOf(begin('backup', data, file).child)).toBe(1);
  expect(await endOf(begin('restore', data, file).child)).toBe(1);
  const empty = join(place, 'second');
  const killed = begin('restore', empty, file);
  await until(() => killed.said.text.includes('reading '), killed.said);
  await endOf(killed.child, 'SIGKILL');
  const half = begin('start', empty, '--empty');
  expect([await endOf(half.child), half.said.text]).toEqual([
    1,
    expect.stringContaining('only a part of a backup') as string,
  ]);
  const broken = join(place, 'broken.sql.gz');
  writeFileSync(broken, readFileSync(file).subarray(0, 20_000));
  expect(await endOf(begin('restore', join(place, 'third'), broken).child)).toBe(1);
  const whole = begin('restore', empty, file);
  expect([await endOf(whole.child), whole.said.text]).toEqual([
    0,
    expect.stringContaining('all of it is in') as string,
  ]);
  const second = await serving(empty);
  second.person.cookie = cookie;
  const there = (person: TestPerson) =>
    Promise.all([
      rowsOf(person),
      person.send('GET', '/charts/1/frames').then(({ body }) => body),
      person.send('GET', '/dashboards/1').then(({ body }) => body),
    ]);
  expect(await there(second.person)).toEqual(await there(await signedIn()));
  await endOf(second.child, 'SIGTERM');
});

/** Somebody signed in at the first server. */
async function signedIn(): Promise<TestPerson> {
  const [first] = [...running].filter(({ spawnargs }) => spawnargs.includes('--empty'));
  const person = new TestPerson(origins.get(first as ChildProcess) ?? '');
  await person.send('POST', '/session', account);
  return person;
}

it('ends with an error when its server dies, so that what watches it can start it again', async () => {
  const { child, said } = await serving(join(place, 'fourth'));
  const [serve] = execFileSync('pgrep', ['-P', String(child.pid), '-f', 'serve.js'], {
    encoding: 'utf8',
  }).split('\n');
  process.kill(Number(serve), 'SIGKILL');
  expect(await endOf(child)).toBe(1);
  expect(said.text).toContain('the server has ended by itself');
});
