import { readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Chart, Dashboard } from '../contract';
import type { Answer, TestPerson, TestServer } from '../server/testing';
import { noteOf, pause, tell, twoServers, until, wide } from './ground';

/** For how long it goes on. */
const minutes = Number(process.env.STAND_MARK_STEADY_MINUTES || 3);
const samples = 24;
const readers = 4;

const env = {
  ...wide,
  NODE_OPTIONS: `--import=${pathToFileURL(resolve('cluster/probe.mjs')).href}`,
  // What is kept on purpose is full before it is looked at.
  STAND_MARK_ANSWER_MEGABYTES: '1',
  STAND_MARK_COLUMN_MEGABYTES: '2',
  STAND_MARK_DATABASE_CONNECTIONS: '4',
};

let here: TestServer;
let there: TestServer;
let maren: TestPerson;
let board: { dashboardId: number; chartId: number };
let sourceId: number;
const problems: string[] = [];
const begun = Date.now();

/** Keeps a refusal for the end: what was asked, and when it came. */
function expectOk(what: string, { status, body }: Answer<unknown>) {
  if (status === 200 || status === 201) return;
  const { code } = body as { code?: string };
  problems.push(`${what} after ${(Date.now() - begun) / 1000} s: ${status} ${code}`);
}

beforeAll(async () => {
  ({ here, there, maren } = await twoServers(env));
  sourceId = await maren.source('Day,Fares\n2026-01-05,1\n');
  board = await maren.board(sourceId);
  const path = `/charts/${board.chartId}`;
  const { revision, definition } = (await maren.send<Chart>('GET', path)).body;
  await maren.send('PUT', path, { revision, definition: { ...definition, grain: 'day' } });
});

afterAll(async () => {
  await there.stop();
  await here.stop();
});

interface Held {
  heap: number;
  threads: number;
  held: string[];
}

/** The thread of requests and the one of figures. */
const threadsOfServer = 2;

/** What a server says that it holds, after collection, once all of its threads have answered. */
async function heldBy(server: TestServer): Promise<Held> {
  const said = () =>
    [...server.output().matchAll(/^probe (.*)$/gm)].map(
      ([, text]) => JSON.parse(text ?? '') as Held,
    );
  const ask = async () => {
    const before = said().length;
    process.kill(server.pid, 'SIGUSR2');
    await until(() => said().length > before, 30);
    return said().at(-1)?.threads === threadsOfServer;
  };
  await until(ask, 30);
  return said().at(-1) as Held;
}

const filesOf = ({ pid }: TestServer) => readdirSync(`/proc/${pid}/fd`).length;

/** What a server holds open while nobody asks anything of it. */
async function openAtRest(server: TestServer) {
  // Longer than connections without a request are left open.
  await pause(25_000);
  const { held } = await heldBy(server);
  return { files: filesOf(server), sockets: held.filter((each) => /TCP|Pipe/.test(each)).length };
}

async function again(ended: AbortSignal, every: number, work: (count: number) => Promise<unknown>) {
  for (let count = 0; !ended.aborted; count += 1) {
    await work(count).catch((error: unknown) => problems.push(String(error)));
    await pause(every);
  }
}

/** Somebody who looks: told of changes, asking for what has changed, pointing at places. */
async function look(who: TestPerson, ended: AbortSignal) {
  const path = `/dashboards/${board.dashboardId}`;
  const watching = again(ended, 10, async () => {
    const leave = AbortSignal.any([ended, AbortSignal.timeout(20_000)]);
    const asked = { headers: { cookie: who.cookie }, signal: leave };
    const stream = await fetch(`${who.origin}/api${path}/changes`, asked);
    await stream.text().catch(() => {});
  });
  await again(ended, 100, async (count) => {
    const opened = await who.send<Dashboard>('GET', path);
    expectOk('opened', opened);
    const shown = await who.send('GET', `/charts/${board.chartId}/frames`);
    expectOk('shown', shown);
    const series = opened.body.charts?.[0]?.definition.series[0]?.id;
    const pointed = { series, word: null, start: 10_957 + count };
    if (series)
      expectOk('pointed', await who.send('POST', `/charts/${board.chartId}/rows`, pointed));
  });
  await watching;
}

async function author(who: TestPerson, ended: AbortSignal) {
  await again(ended, 300, async (count) => {
    const note = await who.send<{ id: number }>(
      'POST',
      `/charts/${board.chartId}/notes`,
      noteOf(`note ${count}`),
    );
    expectOk('noted', note);
    const path = `/charts/${board.chartId}`;
    const { revision, definition } = (await who.send<Chart>('GET', path)).body;
    const title = `Fares ${count}`;
    const saved = await who.send('PUT', path, { revision, definition: { ...definition, title } });
    await who.send('DELETE', `/notes/${note.body.id}`);
    expectOk('saved', saved);
  });
}

async function deliver(who: TestPerson, ended: AbortSignal) {
  const days = Array.from({ length: 6000 }, (_, row) =>
    new Date(Date.UTC(1999, 0, 1 + (row % 3000))).toISOString().slice(0, 10),
  );
  await again(ended, 1000, async (count) => {
    const rows = days.map((day, row) => `${day},${(row * 7 + count) % 1000}`);
    const end = (await who.bringIn(['Day,Fares', ...rows].join('\n'), { sourceId })).at(-1);
    if (end?.kind !== 'done') problems.push(JSON.stringify(end));
  });
}

const mean = (values: number[]) => values.reduce((sum, each) => sum + each, 0) / values.length;

/** Readers, an author and deliveries, on both servers. @returns what ends it */
function everybodyAtWork() {
  const ended = new AbortController();
  const work = [here, there].flatMap((server, at) => {
    const who = maren.before(server.origin);
    const looking = Array.from({ length: readers }, () => look(who, ended.signal));
    return [...looking, at === 0 ? author(who, ended.signal) : deliver(who, ended.signal)];
  });
  return async () => {
    ended.abort();
    await Promise.all(work);
  };
}

/** What both servers hold again and again, in bytes, after what is kept on purpose is full. */
async function heapsMeanwhile() {
  const length = minutes * 60_000;
  await pause(length / 6);
  const heaps = [here, there].map((server) => ({ server, bytes: [] as number[] }));
  for (let sample = 0; sample < samples; sample += 1) {
    const next = pause(length / samples);
    await Promise.all(
      heaps.map(async ({ server, bytes }) => bytes.push((await heldBy(server)).heap)),
    );
    await next;
  }
  return heaps.map(({ bytes }) => bytes);
}

it(
  'holds no more after long work on two servers than at its beginning, and leaves nothing open',
  async () => {
    const endFirst = everybodyAtWork();
    await pause(10_000);
    await endFirst();
    const open = await Promise.all([here, there].map(openAtRest));
    const end = everybodyAtWork();
    const heaps = await heapsMeanwhile();
    await end();
    expect(problems).toEqual([]);
    for (const [at, bytes] of heaps.entries()) {
      const share = mean(bytes.slice(-samples / 4)) / mean(bytes.slice(0, samples / 4));
      const all = bytes.map((each) => (each / 1e6).toFixed(1)).join(' ');
      tell(`server ${at + 1} holds ${share.toFixed(3)} of what it held at first, in MB: ${all}`);
      expect(share).toBeLessThanOrEqual(1.05);
    }
    const left = await Promise.all([here, there].map(openAtRest));
    tell(`open before and after: ${JSON.stringify([open, left])}`);
    for (const [at, { files, sockets }] of left.entries()) {
      expect(files).toBeLessThanOrEqual(open[at]?.files ?? 0);
      expect(sockets).toBeLessThanOrEqual(open[at]?.sockets ?? 0);
    }
  },
  60_000 * minutes * 2 + 240_000,
);
