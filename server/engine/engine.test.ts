import { readdirSync, readFileSync } from 'node:fs';
import type { RowsBehind } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
/** another process on the same database, which asks everything of the engine */
let lean: TestServer;
let person: TestPerson;
let beside: TestPerson;

beforeAll(async () => {
  server = await startServer();
  lean = await startServer({
    beside: server,
    env: { STAND_MARK_ROWS_WITHOUT_ENGINE: '0', STAND_MARK_COLUMN_MEGABYTES: '0' },
  });
  person = await TestPerson.signedUp(server.origin, 'maren');
  beside = person.before(lean.origin);
});

afterAll(async () => {
  await lean.stop();
  await server.stop();
});

/** More rows than are packed without the engine, and more words than stand in a list. */
const count = 24_000;
const days = (at: number) =>
  new Date(Date.UTC(2020, 0, 1 + (at % 2000))).toISOString().slice(0, 10);
const lines = Array.from({ length: count }, (_, at) =>
  [
    at % 11 === 0 ? '' : days(at),
    ['Osk', 'Quill ø', '', 'O\'Fenn "lee"'][at % 4]?.replace(
      /.*".*/,
      (word) => `"${word.replaceAll('"', '""')}"`,
    ),
    // More digits than a product of theirs would keep.
    at % 7 === 0 ? '' : `${44_713_298_208_900 + at}.${10 + (at % 90)}`,
    (at * 1e-13).toFixed(17),
    `receipt ${at}`,
  ].join(),
);
const csv = ['Day,Route,Fares,Rate,Receipt', ...lines].join('\n');

it('gives back what was brought in, packed and read by the engine or without it', async () => {
  const id = await person.source(csv);
  const [here, there] = await Promise.all(
    [person, beside].map(
      async (each) => (await each.send<string>('GET', `/sources/${id}/rows.csv`)).body,
    ),
  );
  expect(there).toEqual(here);
  const rows = String(here)
    .replace(/^\ufeff/, '')
    .trimEnd()
    .split('\r\n');
  expect(rows).toHaveLength(count + 1);
  for (const at of [0, 1, 2, 3, 7, 11, count - 1]) {
    const [day, , fares, rate, receipt] = (lines[at] ?? '')
      .replace(/"(?:[^"]|"")*"/, '')
      .split(',');
    const [own = '', ...rest] = (rows[at + 1] ?? '').replace(/"(?:[^"]|"")*"/, '').split(',');
    expect([own, rest[2] === '' ? '' : Number(rest[1]), rest[3]]).toEqual([
      day,
      expect.anything(),
      receipt,
    ]);
    expect([rest[1] === '' ? '' : Number(rest[1]), Number(rest[2])]).toEqual([
      fares === '' ? '' : Number(fares),
      Number(rate),
    ]);
  }
  const words = await Promise.all(
    [person, beside].map(
      async (each) => (await each.send('GET', `/sources/${id}/words?column=Route`)).body,
    ),
  );
  expect(words[0]).toEqual(words[1]);
});

it('lists the same rows behind a figure', async () => {
  const id = await person.source(csv);
  const { chartId } = await person.board(id);
  const asked = { series: 'series', word: null, start: 19_723, place: null };
  const [here, there] = await Promise.all(
    [person, beside].map((each) => each.send<RowsBehind>('POST', `/charts/${chartId}/rows`, asked)),
  );
  expect(here?.status).toBe(200);
  expect(there?.body).toEqual(here?.body);
  expect(here?.body.parts[0]?.total).toBeGreaterThan(20);
});

/** The processes in which engines of a server work. */
const enginesOf = ({ pid }: TestServer): number[] =>
  readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .flatMap((name) => {
      try {
        const isEngine = readFileSync(`/proc/${name}/cmdline`, 'latin1').includes('engine.js');
        const parent = / (\d+) /.exec(
          readFileSync(`/proc/${name}/stat`, 'latin1').replace(/^.*\) \S/, ''),
        );
        return isEngine && Number(parent?.[1]) === pid ? [Number(name)] : [];
      } catch {
        return [];
      }
    });

it('goes on when an engine breaks down', async () => {
  const id = await person.source('Day,Fares\n2026-01-05,1\n2026-02-05,2');
  const { chartId, definition } = await person.board(id);
  const ask = (grain: string) =>
    beside.send('POST', `/charts/${chartId}/frames`, { definition: { ...definition, grain } });
  expect((await ask('month')).status).toBe(200);
  const engines = enginesOf(lean);
  expect(engines).not.toEqual([]);
  for (const engine of engines) process.kill(engine, 'SIGKILL');
  // Whoever asks at that very moment may be told to ask again; nobody else notices.
  const statuses = [];
  for (const grain of ['week', 'day', 'quarter']) statuses.push((await ask(grain)).status);
  expect(statuses.slice(1)).toEqual([200, 200]);
  expect([200, 503]).toContain(statuses[0]);
});
