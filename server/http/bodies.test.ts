import { type ChartDefinition } from '../../core/chart';
import { draftChart } from '../../core/editing';
import type { Chart } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let person: TestPerson;
let board: Awaited<ReturnType<TestPerson['board']>>;

beforeAll(async () => {
  server = await startServer();
  person = await TestPerson.signedUp(server.origin, 'maren');
  board = await person.board(await person.source('Day,Fares\n2026-01-05,1\n'));
});

afterAll(() => server.stop());

const json = { 'content-type': 'application/json' };
const half = '\ud83d';
const place = { x: 0, y: 0, w: 6, h: 7 };
const level = (number: unknown) => ({
  ...board.definition,
  yardsticks: [
    { id: 'y', kind: 'line', name: 'Level', onAxis: true, value: { kind: 'number', number } },
  ],
});
const deep = (depth: number) => `${'['.repeat(depth)}${']'.repeat(depth)}`;

/** Sends text as it is, since some of it cannot be said in another way. */
const write = (method: string, path: string, text: string) => person.send(method, path, text, json);

it.each([
  ['20,000 wrong places', () => ({ revision: 1, places: Array(19_000).fill({ chartId: 'x' }) })],
  ['40,000 wrong places', () => ({ revision: 1, places: Array(40_000).fill({}) })],
  ['a list that is far too long', () => ({ revision: 1, places: Array(200_000).fill(0) })],
  ['101 right places', () => ({ revision: 1, places: Array(101).fill({ chartId: 1, place }) })],
])('refuses %s at once and in a few words', async (_, body) => {
  const path = `/dashboards/${board.dashboardId}/places`;
  const timed = async (sent: object) => {
    const begun = performance.now();
    const answer = await person.send('PUT', path, sent);
    return { answer, taken: performance.now() - begun };
  };
  const sent = body();
  // As long, and refused at its first word: what is sent is read in any case.
  const plain = { revision: 'x'.repeat(JSON.stringify(sent).length) };
  const peers = [await timed(plain), await timed(plain), await timed(plain)];
  const { answer, taken } = await timed(sent);
  expect(answer.status).toBe(422);
  expect(JSON.stringify(answer.body).length).toBeLessThan(1000);
  expect(taken / Math.max(...peers.map((peer) => peer.taken))).toBeLessThan(40);
});

it.each([
  ['half a character in a title', 'POST', '/dashboards', { title: `A${half}`, zone: 'UTC' }],
  [
    'half a character in a note',
    'POST',
    '/charts/1/notes',
    { text: half, colour: 'plum', day: '2026-01-05', series: null },
  ],
  [
    'half a character in a name',
    'POST',
    '/people',
    { name: half, email: 'a@b.example', password: 'long enough to be one' },
  ],
  ['a name of half a character', 'POST', '/dashboards', { [half]: 1, title: 'A', zone: 'UTC' }],
  ['a number as text', 'PUT', '/dashboards/1', { title: 'A', revision: '1' }],
  ['a number too large for a revision', 'PUT', '/dashboards/1', { title: 'A', revision: 1e16 }],
])('refuses %s with a sentence', async (_, method, path, body) => {
  const answer = await write(method, path, JSON.stringify(body));
  expect(answer.status).toBe(422);
  expect(answer.body.detail).toMatch(/\w{4}/);
});

it.each(['1e999', '-1e999', '"Infinity"', '"12"', '1e308', '1e16', 'null', '{}', '[1]'])(
  'refuses a level of %s',
  async (number) => {
    const body = JSON.stringify({ definition: level('NUMBER') }).replace('"NUMBER"', number);
    const answer = await write('POST', `/dashboards/${board.dashboardId}/charts`, body);
    expect(answer.status).toBe(422);
  },
);

it.each([30, 5000])('refuses a body nested %i deep', async (depth) => {
  const body = `{"title":"A","zone":"UTC","more":${deep(depth)}}`;
  expect((await write('POST', '/dashboards', body)).status).toBe(422);
});

it('refuses a zone that is none where a file is understood', async () => {
  const { status, body } = await person.understand('Day,Fares\n2026-01-05,1\n', {
    zone: 'Mars/Base',
  });
  expect([status, (body as unknown as { detail: string }).detail]).toEqual([
    422,
    '“Mars/Base” is no time zone. Write one as Europe/Lisbon.',
  ]);
});

it.each([
  ['a level at the edge of what can be drawn', () => level(1e15)],
  ['a level below zero', () => level(-0.1)],
  ['text of every kind', () => ({ ...board.definition, title: '  Fähren \u{1f6a2} “x” \u0000 ' })],
  [
    'a draft',
    () =>
      draftChart({
        id: 1,
        columns: [{ name: 'Day', kind: 'date' }],
      }),
  ],
])('keeps %s so that it can be saved again unchanged', async (_, definition) => {
  const path = `/dashboards/${board.dashboardId}/charts`;
  const { body: made } = await person.send<{ id: number }>('POST', path, {
    definition: definition(),
  });
  const { body: kept } = await person.send<Chart>('GET', `/charts/${made.id}`);
  const { revision } = kept;
  const again = await person.send('PUT', `/charts/${made.id}`, {
    revision,
    definition: kept.definition,
  });
  expect(again.status).toBe(200);
  const { body: after } = await person.send<Chart>('GET', `/charts/${made.id}`);
  expect(after.definition).toEqual<ChartDefinition>(kept.definition);
});
