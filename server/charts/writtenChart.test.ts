import type { Chart, Dashboard, WrittenChart } from '../../contract';
import { startServer, TestPerson, type TestServer } from '../testing';

const csv = 'Day,Fares\n2026-01-05,1\n';

let server: TestServer;
let maren: TestPerson;
let ivo: TestPerson;
let board: Awaited<ReturnType<TestPerson['board']>>;
let written: WrittenChart;

beforeAll(async () => {
  server = await startServer();
  maren = await TestPerson.signedUp(server.origin, 'maren');
  ivo = await TestPerson.signedUp(server.origin, 'ivo');
  const sourceId = await maren.source(csv, 'Takings');
  board = await maren.board(sourceId);
  const named = { kind: 'aggregate', date: 'Day', aggregate: 'sum', column: 'Fares' };
  const { body: measure } = await maren.send<{ id: number }>(
    'POST',
    `/sources/${sourceId}/measures`,
    { name: 'All fares', definition: { ...named, percent: 50, filters: [] } },
  );
  const { body: chart } = await maren.send<Chart>('GET', `/charts/${board.chartId}`);
  const [series] = chart.definition.series;
  const figures = { kind: 'measure' as const, sourceId, measureId: measure.id };
  const definition = {
    ...chart.definition,
    series: [...chart.definition.series, { ...series, id: 'named', name: 'Named', figures }],
    linking: { linked: true, narrows: true, peek: peekAt(999) },
  };
  await maren.send('PUT', `/charts/${chart.id}`, { revision: chart.revision, definition });
  for (const day of ['2026-01-05', null])
    await maren.send('POST', `/charts/${chart.id}/notes`, {
      day,
      series: null,
      text: `Storm ${day}`,
      colour: 'plum',
    });
  written = (await maren.send<WrittenChart>('GET', `/charts/${chart.id}/written`)).body;
});

afterAll(() => server.stop());

const peekAt = (chart: number) => ({ chart, size: 'small', shows: 'all' }) as const;

const readIn = (person: TestPerson, dashboardId: number, body: unknown) =>
  person.send<{ id: number; detail: string }>('POST', `/dashboards/${dashboardId}/charts/read-in`, {
    ...(body as object),
  });

it('comes back as it was written out, notes and all', async () => {
  const { status, body } = await readIn(maren, board.dashboardId, written);
  expect(status).toBe(201);
  const again = (await maren.send<WrittenChart>('GET', `/charts/${body.id}/written`)).body;
  const { peek: _gone, ...linking } = written.definition.linking ?? {};
  expect(again).toEqual({ ...written, definition: { ...written.definition, linking } });
  expect(again.notes.map(({ text }) => text)).toEqual(['Storm 2026-01-05', 'Storm null']);
  const { body: dashboard } = await maren.send<Dashboard>(
    'GET',
    `/dashboards/${board.dashboardId}`,
  );
  expect(dashboard.notes.map(({ number }) => number)).toEqual([4, 3, 2, 1]);
});

it('draws from what whoever reads it in has under the same names, and says what is missing', async () => {
  const own = await ivo.board(await ivo.source(csv, 'Other'));
  const missing = await readIn(ivo, own.dashboardId, written);
  expect([missing.status, missing.body.detail]).toEqual([422, expect.stringContaining('Takings')]);
  const sourceId = await ivo.source(csv, 'Takings');
  const unnamed = await readIn(ivo, own.dashboardId, written);
  expect(unnamed.body.detail).toContain('All fares');
  const plain = {
    ...written,
    definition: { ...written.definition, series: board.definition.series },
  };
  const { status, body } = await readIn(ivo, own.dashboardId, plain);
  expect(status).toBe(201);
  const chart = (await ivo.send<Chart>('GET', `/charts/${body.id}`)).body;
  expect(chart.definition.series[0]?.figures).toMatchObject({ sourceId });
  // Whose words they are is kept, though somebody else answers for them.
  const { body: dashboard } = await ivo.send<Dashboard>('GET', `/dashboards/${own.dashboardId}`);
  expect(dashboard.notes.map(({ text, author }) => [text, author])).toEqual([
    ['Storm null (maren)', 'ivo'],
    ['Storm 2026-01-05 (maren)', 'ivo'],
  ]);
});

it.each([
  ['something else', () => ({ kind: 'recipe' })],
  ['a form of another version', () => ({ ...written, version: 2 })],
  ['a chart that is none', () => ({ ...written, definition: { version: 3 } })],
  ['a note without words', () => ({ ...written, notes: [{ ...written.notes[0], text: ' ' }] })],
  ['a note on no day', () => ({ ...written, notes: [{ ...written.notes[0], day: '2026-02-30' }] })],
])('reads in nothing of %s', async (_what, body) => {
  expect((await readIn(maren, board.dashboardId, body())).status).toBe(422);
  expect((await readIn(ivo, board.dashboardId, written)).status).toBe(404);
});

describe('a copy', () => {
  const copy = (to: number, sources: { from: number; to: number }[] = []) =>
    maren.send<{ id: number; detail: string }>('POST', `/charts/${board.chartId}/copies`, {
      dashboardId: to,
      sources,
    });
  const chartOf = async (id: number) => (await maren.send<Chart>('GET', `/charts/${id}`)).body;
  const sourcesDrawn = (chart: Chart) =>
    chart.definition.series.map(({ figures }) => (figures as { sourceId?: number }).sourceId);

  it('stands under the others of its dashboard, told apart by its title, without the notes', async () => {
    const { body } = await copy(board.dashboardId);
    const own = await chartOf(board.chartId);
    const made = await chartOf(body.id);
    expect(made.definition.title).toBe(`${own.definition.title}, copied`);
    expect(made.definition.series).toEqual(own.definition.series);
    const { body: dashboard } = await maren.send<Dashboard>(
      'GET',
      `/dashboards/${board.dashboardId}`,
    );
    expect(dashboard.charts.find(({ id }) => id === body.id)?.place).not.toBeNull();
    expect(dashboard.notes.filter(({ chartId }) => chartId === body.id)).toEqual([]);
  });

  it('draws from another source, measures by their names, or says which is missing', async () => {
    const [from = 0] = sourcesDrawn(await chartOf(board.chartId)) as number[];
    const to = await maren.source(csv, 'Next year');
    const refused = await copy(board.dashboardId, [{ from, to }]);
    expect([refused.status, refused.body.detail]).toEqual([
      422,
      expect.stringContaining('All fares'),
    ]);
    const definition = { kind: 'aggregate', date: 'Day', aggregate: 'sum', column: 'Fares' };
    const { body: measure } = await maren.send<{ id: number }>('POST', `/sources/${to}/measures`, {
      name: 'All fares',
      definition: { ...definition, percent: 50, filters: [] },
    });
    const { body } = await copy(board.dashboardId, [{ from, to }]);
    const made = await chartOf(body.id);
    expect(sourcesDrawn(made)).toEqual([to, to]);
    expect(made.definition.series[1]?.figures).toMatchObject({ measureId: measure.id });
    expect(made.definition.title).not.toContain('copied');
  });

  it('goes to another dashboard of those whom its author edits, and draws from nobody else’s source', async () => {
    const other = await maren.send<{ id: number }>('POST', '/dashboards', {
      title: 'Other',
      zone: 'UTC',
    });
    const { status, body } = await copy(other.body.id);
    expect(status).toBe(201);
    expect((await chartOf(body.id)).definition.linking?.peek).toBeUndefined();
    const theirs = await ivo.board(await ivo.source(csv, 'Theirs'));
    expect((await copy(theirs.dashboardId)).status).toBe(404);
    const [from = 0] = sourcesDrawn(await chartOf(board.chartId)) as number[];
    const notOwn = await ivo.source(csv, 'All fares of Ivo');
    expect((await copy(board.dashboardId, [{ from, to: notOwn }])).status).not.toBe(201);
  });
});
