import type { Chart, Dashboard, Note } from '../../contract';
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

const note = (text: string) => ({ day: '2026-01-05', series: null, text, colour: 'plum' });

it('gives the second of two savers the chart as it stands, and overwrites nothing', async () => {
  const path = `/charts/${board.chartId}`;
  const mine = { ...board.definition, title: 'Mine' };
  const theirs = { ...board.definition, title: 'Theirs' };
  expect((await person.send('PUT', path, { revision: 1, definition: theirs })).status).toBe(200);
  const late = await person.send<{ code: string; current: Chart }>('PUT', path, {
    revision: 1,
    definition: mine,
  });
  expect([late.status, late.body.code, late.body.current.definition.title]).toEqual([
    409,
    'changed-meanwhile',
    'Theirs',
  ]);
  const kept = await person.send('PUT', path, {
    revision: late.body.current.revision,
    definition: mine,
  });
  expect(kept.status).toBe(200);
});

it('lets one of two at the same moment win', async () => {
  const { body: chart } = await person.send<Chart>('GET', `/charts/${board.chartId}`);
  const { revision, definition } = chart;
  const saves = await Promise.all(
    ['a', 'b', 'c'].map((title) =>
      person.send('PUT', `/charts/${board.chartId}`, {
        revision,
        definition: { ...definition, title },
      }),
    ),
  );
  expect(saves.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
});

it('numbers notes for good, also when they are written at once or removed', async () => {
  const path = `/charts/${board.chartId}/notes`;
  const written = await Promise.all(
    ['a', 'b', 'c', 'd'].map((text) => person.send<Note>('POST', path, note(text))),
  );
  expect(written.map(({ body }) => body.number).sort()).toEqual([1, 2, 3, 4]);
  const last = written.find(({ body }) => body.number === 4)?.body;
  await person.send('DELETE', `/notes/${last?.id}`);
  expect((await person.send<Note>('POST', path, note('e'))).body.number).toBe(5);
  expect((await person.send<Note>('POST', `/notes/${last?.id}/restore`)).body.number).toBe(4);
});

it('keeps text as text, and refuses a day that is none', async () => {
  const path = `/charts/${board.chartId}/notes`;
  const text = `<img src=x onerror=alert(1)> '; DROP TABLE notes; -- \u{1f6a2}`;
  expect((await person.send<Note>('POST', path, note(text))).body.text).toBe(text);
  const wrong = await person.send('POST', path, { ...note('x'), day: '2026-02-30' });
  expect([wrong.status, wrong.body.code]).toEqual([422, 'no-such-day']);
});

it('moves charts all or none', async () => {
  const read = async () =>
    (await person.send<Dashboard>('GET', `/dashboards/${board.dashboardId}`)).body;
  const before = await read();
  const places = [
    { chartId: board.chartId, place: { x: 6, y: 2, w: 6, h: 5 } },
    { chartId: 999_999, place: { x: 0, y: 0, w: 6, h: 5 } },
  ];
  const path = `/dashboards/${board.dashboardId}/places`;
  expect((await person.send('PUT', path, { revision: before.revision, places })).status).toBe(404);
  expect(await read()).toEqual(before);
});

it.each(['/charts', '/dashboards'])('removes and brings back from %s', async (kind) => {
  const id = kind === '/charts' ? board.chartId : board.dashboardId;
  const shows = async () =>
    (await person.send<Dashboard>('GET', `/dashboards/${board.dashboardId}`)).body.charts?.length ??
    0;
  await person.send('DELETE', `${kind}/${id}`);
  expect(await shows()).toBe(0);
  await person.send('POST', `${kind}/${id}/restore`);
  expect(await shows()).toBe(1);
});

it.each([
  ['2026-02-03', 201, undefined],
  [null, 201, undefined],
  ['2026-01-04', 422, 'ends-before'],
  ['2026-02-30', 422, 'no-such-day'],
])('takes a note that speaks of the days up to %s with status %i', async (until, status, code) => {
  const path = `/charts/${board.chartId}/notes`;
  const answer = await person.send<Note & { code?: string }>('POST', path, {
    ...note('For a while'),
    until,
  });
  expect([answer.status, answer.body.code]).toEqual([status, code]);
  if (status === 201) expect(answer.body.until).toBe(until);
});
