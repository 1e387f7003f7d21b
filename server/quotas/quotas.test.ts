import { randomUUID } from 'node:crypto';
import { startServer, TestPerson, type TestServer } from '../testing';

/** Every quota as small as it can be told from another. */
const env = {
  STAND_MARK_DASHBOARDS_OF_PERSON: '3',
  STAND_MARK_PEOPLE_OF_DASHBOARD: '4',
  STAND_MARK_LINKS_OF_DASHBOARD: '3',
  STAND_MARK_CHARTS_OF_DASHBOARD: '3',
  STAND_MARK_NOTES_OF_DASHBOARD: '5',
  STAND_MARK_NOTES_OF_PERSON: '3',
  STAND_MARK_SOURCES_OF_PERSON: '3',
  STAND_MARK_MEASURES_OF_SOURCE: '2',
  STAND_MARK_ROWS_OF_PERSON: '20',
  STAND_MARK_MEGABYTES_OF_PERSON: '1',
};

let server: TestServer;
let owner: TestPerson;
let reader: TestPerson;
let sourceId: number;
let board: Awaited<ReturnType<TestPerson['board']>>;

beforeAll(async () => {
  server = await startServer({ env });
  owner = await TestPerson.signedUp(server.origin, 'owner');
  reader = await TestPerson.signedUp(server.origin, 'reader');
  sourceId = await owner.source('Day,Fares\n2026-01-05,1\n');
  board = await owner.board(sourceId);
  await owner.share(board.dashboardId, 'reader', { name: 'reader', person: reader });
  await owner.send('PUT', `/dashboards/${board.dashboardId}/readers-note`, { readersNote: true });
});

afterAll(() => server.stop());

const note = { day: '2026-01-05', series: null, text: 'Storm', colour: 'plum' };
const sum = { kind: 'aggregate', date: 'Day', aggregate: 'sum', column: 'Fares' };
const onBoard = (rest: string) => `/dashboards/${board.dashboardId}${rest}`;

/** What is sent until it is refused, how often it is taken, and what stands in the sentence. */
const cases: [
  what: string,
  send: (place: number) => Promise<{ status: number; body: unknown }>,
  taken: number,
  sentence: RegExp,
][] = [
  [
    'dashboards a person',
    () => owner.send('POST', '/dashboards', { title: 'More', zone: 'UTC' }),
    2,
    /own 3 dashboards/,
  ],
  [
    'people a dashboard',
    (place) =>
      owner.send('PUT', onBoard('/people'), { email: `p${place}@isles.example`, role: 'reader' }),
    2,
    /shared with 4 people/,
  ],
  ['links a dashboard', () => owner.send('POST', onBoard('/links')), 3, /has 3 links/],
  [
    'charts a dashboard',
    () => owner.send('POST', onBoard('/charts'), { definition: board.definition }),
    2,
    /has 3 charts/,
  ],
  [
    'notes a person',
    () => reader.send('POST', `/charts/${board.chartId}/notes`, note),
    3,
    /have written 3 notes here/,
  ],
  [
    'notes a dashboard',
    () => owner.send('POST', `/charts/${board.chartId}/notes`, note),
    2,
    /has 5 notes/,
  ],
  [
    'measures a source',
    (place) =>
      owner.send('POST', `/sources/${sourceId}/measures`, {
        name: `Sum ${place}`,
        definition: { ...sum, percent: 50, filters: [] },
      }),
    2,
    /has 2 measures/,
  ],
];

it.each(cases)(
  'holds to its number of %s, and says so one beyond',
  async (_, send, taken, sentence) => {
    for (let place = 0; place < taken; place += 1)
      expect((await send(place)).status).toBeLessThan(300);
    // However many at the same time.
    const beyond = await Promise.all([send(taken), send(taken + 1)]);
    for (const { status, body } of beyond) {
      expect([status, (body as { code: string }).code]).toEqual([422, 'quota']);
      expect((body as { detail: string }).detail).toMatch(sentence);
    }
  },
);

it('has room again for what is removed, and none for bringing it back beyond', async () => {
  const { body: made } = await owner.send<{ id: number }[]>('GET', '/dashboards');
  const spare = made.find(({ id }) => id !== board.dashboardId)?.id;
  expect((await owner.send('DELETE', `/dashboards/${spare}`)).status).toBe(200);
  const again = await owner.send('POST', '/dashboards', { title: 'More', zone: 'UTC' });
  expect(again.status).toBe(201);
  expect((await owner.send('POST', `/dashboards/${spare}/restore`)).body.code).toBe('quota');
});

it('keeps as many sources, rows and bytes of a person as there may be', async () => {
  const end = async (rows: number, target: object) => {
    const lines = Array.from({ length: rows }, (_, row) => `2026-01-05,${row}`);
    return (await owner.bringIn(['Day,Fares', ...lines].join('\n'), target)).at(-1);
  };
  expect(await end(5, { name: 'Second' })).toMatchObject({ kind: 'done' });
  // One row, five rows, and fifteen more would be 21.
  expect(await end(15, { name: 'Third' })).toMatchObject({
    kind: 'problem',
    code: 'quota',
    detail: expect.stringContaining('20 rows') as string,
  });
  expect(await end(2, { sourceId, mode: 'append' })).toMatchObject({ kind: 'done' });
  expect(await end(2, { name: 'Third' })).toMatchObject({ kind: 'done' });
  expect(await end(1, { name: 'Fourth' })).toMatchObject({
    kind: 'problem',
    code: 'quota',
    detail: expect.stringContaining('3 sources') as string,
  });
  // Packed it takes more than a megabyte.
  const megabyte = Array.from({ length: 80_000 }, () => randomUUID()).join('\n');
  const sent = await owner.send('POST', '/uploads?name=large.csv', megabyte);
  expect([sent.status, sent.body.code]).toEqual([422, 'quota']);
  expect(sent.body.detail).toMatch(/1 MB/);
});
