import type { ChartFrames, Dashboard, ListedMeasure, MeasureValue } from '../../contract';
import { type ChartDefinition, plainStyle } from '../../core/chart';
import { startServer, TestPerson, type TestServer } from '../testing';

let server: TestServer;
let owner: TestPerson;
let colleague: TestPerson;
let sourceId: number;
let board: Awaited<ReturnType<TestPerson['board']>>;

const rows = [
  'Day,Fares,Riders,Route,Region',
  '2026-01-05,10,4,Osk,North',
  '2026-01-09,20,1,Quill,South',
  '2026-02-03,9,3,Osk,North',
];

beforeAll(async () => {
  server = await startServer();
  owner = await TestPerson.signedUp(server.origin, 'maren');
  colleague = await TestPerson.signedUp(server.origin, 'ivo');
  sourceId = await owner.source(rows.join('\n'));
  board = await owner.board(sourceId);
});

afterAll(() => server.stop());

const sum = (column: string) => ({
  kind: 'aggregate',
  date: 'Day',
  aggregate: 'sum',
  column,
  percent: 50,
  filters: [],
});
const formula = (text: string) => ({ kind: 'formula', text });
const name = async (called: string, definition: object, by = owner) =>
  by.send<{ id: number; code?: string; detail?: string }>('POST', `/sources/${sourceId}/measures`, {
    name: called,
    definition,
  });
const list = async () =>
  (await owner.send<ListedMeasure[]>('GET', `/sources/${sourceId}/measures`)).body;
const named = async (called: string) =>
  (await list()).find((each) => each.name === called) as ListedMeasure;

it('draws a measure as a ratio of sums, and says which charts change with what it is made of', async () => {
  for (const column of ['Fares', 'Riders'])
    expect((await name(column, sum(column))).status).toBe(201);
  const ratio = await name('Fare per rider', formula('Fares / Riders'));
  const [series] = board.definition.series;
  const definition = {
    ...board.definition,
    series: [{ ...series, figures: { kind: 'measure', sourceId, measureId: ratio.body.id } }],
  } as ChartDefinition;
  const path = `/charts/${board.chartId}`;
  expect((await owner.send('PUT', path, { revision: 1, definition })).status).toBe(200);
  const { body } = await owner.send<ChartFrames>('GET', `${path}/frames`);
  expect(body.frames.series?.values).toEqual([[6, 3]]);
  const touched = (await list()).map(({ name: called, charts }) => [called, charts.length]);
  expect(touched).toEqual([
    ['Fares', 1],
    ['Riders', 1],
    ['Fare per rider', 1],
  ]);
});

it('sends a chart anew when its measure changes, and refuses to change it unseen', async () => {
  const path = `/charts/${board.chartId}/frames`;
  const tag = (await owner.send('GET', path)).headers.get('etag') ?? '';
  expect((await owner.send('GET', path, undefined, { 'if-none-match': tag })).status).toBe(304);
  const { id, revision } = await named('Fare per rider');
  const change = (text: string) =>
    owner.send('PUT', `/measures/${id}`, {
      revision,
      name: 'Fare per rider',
      definition: formula(text),
    });
  expect((await change('2 * Fares / Riders')).status).toBe(200);
  expect((await change('Riders')).status).toBe(409);
  const { body } = await owner.send<ChartFrames>('GET', path, undefined, { 'if-none-match': tag });
  expect(body.frames.series?.values).toEqual([[12, 6]]);
});

it('follows a new name in the formulas that use it', async () => {
  const { id, revision } = await named('Riders');
  await owner.send('PUT', `/measures/${id}`, {
    revision,
    name: 'People carried',
    definition: sum('Riders'),
  });
  expect((await named('Fare per rider')).definition).toEqual(
    formula('2 * Fares / "People carried"'),
  );
});

it.each([
  ['what names no measure', 'Odd', formula('Fares / Ryders'), 422],
  ['a name that is taken', 'fares', sum('Fares'), 422],
  ['a formula that is none', 'Odd', formula('Fares +'), 422],
  ['no name', '', sum('Fares'), 422],
])('refuses %s', async (_, called, definition, status) => {
  expect((await name(called, definition)).status).toBe(status);
});

it('refuses what would be worked out from itself, and to remove what is drawn', async () => {
  const { id, revision } = await named('Fares');
  const turned = await owner.send<{ detail: string }>('PUT', `/measures/${id}`, {
    revision,
    name: 'Fares',
    definition: formula('"Fare per rider" * 2'),
  });
  expect([turned.status, turned.body.detail]).toEqual([
    422,
    '“Fares” would be worked out from itself.',
  ]);
  expect((await owner.send('DELETE', `/measures/${id}`)).status).toBe(422);
  const spare = (await name('Spare', sum('Fares'))).body.id;
  const onSpare = (await name('On spare', formula('Spare * 2'))).body.id;
  // Not drawn by any chart, but worked with.
  expect((await owner.send('DELETE', `/measures/${spare}`)).status).toBe(422);
  expect((await owner.send('DELETE', `/measures/${onSpare}`)).status).toBe(200);
  expect((await owner.send('DELETE', `/measures/${spare}`)).status).toBe(200);
  expect((await owner.send('POST', `/measures/${onSpare}/restore`)).status).toBe(422);
  expect(await named('Spare')).toBeUndefined();
  expect((await owner.send('POST', `/measures/${spare}/restore`)).status).toBe(200);
  expect((await named('Spare')).charts).toEqual([]);
});

it('says what a formula comes to before it is kept', async () => {
  const value = (definition: object) =>
    owner.send<MeasureValue>('POST', `/sources/${sourceId}/measures/value`, { definition });
  expect((await value(formula('Fares / "People carried"'))).body).toMatchObject({
    figure: 3,
    period: 'Feb 2026',
    additive: false,
  });
  expect((await value(formula('Fares / Nobody'))).status).toBe(422);
});

it('says of a source without dates what it comes to at its last word, and names no month', async () => {
  const dateless = await owner.source('Service,Trips\nMonday,14\nBank holiday,6\n', 'Trips');
  const { body } = await owner.send<MeasureValue>('POST', `/sources/${dateless}/measures/value`, {
    definition: { ...sum('Trips'), date: '' },
  });
  expect(body).toMatchObject({ figure: 6, period: 'Bank holiday' });
});

it('answers a formula beyond the range of numbers with a missing figure and its reason', async () => {
  const beyond = 'Fares * 1e308 * 1e308 * 2';
  const value = await owner.send<{ detail: string }>(
    'POST',
    `/sources/${sourceId}/measures/value`,
    {
      definition: formula(beyond),
    },
  );
  expect([value.status, value.body.detail]).toEqual([
    422,
    expect.stringMatching(/2 figures are beyond a thousand million million, and so missing/),
  ]);
  const [series] = board.definition.series;
  const worked = {
    ...series,
    id: 'f',
    name: 'Beyond',
    figures: { kind: 'formula', text: `${series?.name} * 1e308 * 1e308` },
  };
  const frames = await owner.send<ChartFrames>('POST', `/charts/${board.chartId}/frames`, {
    definition: { ...board.definition, series: [series, worked] },
  });
  expect([frames.status, frames.body.frames.f?.values]).toEqual([200, [[null, null]]]);
  expect(frames.body.problems.map(({ code }) => code)).toEqual(['beyond-range']);
  const steps = [
    { id: 'h', kind: 'head', from: 1, to: 1 },
    { id: 'c', kind: 'compute', name: 'Beyond', formula: beyond },
  ];
  const understood = await owner.understand(rows.join('\n'), { steps } as never);
  expect([understood.status, understood.body.remarks.c]).toEqual([
    200,
    'beyond the range of figures, and so missing, in 3 rows',
  ]);
});

it('warns before a delivery takes a column that a measure of a chart is made of', async () => {
  const less = rows.map((line) =>
    line
      .split(',')
      .filter((_, at) => at !== 2)
      .join(','),
  );
  const uploadId = await owner.upload(less.join('\n'));
  const { body } = await owner.steps(`/uploads/${uploadId}/compare`, {
    sourceId,
    mode: 'replace',
    form: {},
  });
  const compared = body.at(-1) as unknown as { changes: { charts: { column: string }[] } };
  expect(compared.changes.charts.map(({ column }) => column)).toEqual(['Riders']);
});

it('keeps measures from those who may not draw from the source', async () => {
  const { id } = await named('Fares');
  expect((await colleague.send('GET', `/sources/${sourceId}/measures`)).status).toBe(404);
  expect((await name('Theirs', sum('Fares'), colleague)).status).toBe(404);
  expect((await colleague.send('DELETE', `/measures/${id}`)).status).toBe(404);
});

it('colours lines by another column, and keeps the style of a dashboard', async () => {
  const [series] = board.definition.series;
  const split = { column: 'Route', order: [], coloured: [], colourBy: 'Region', top: null };
  const definition = { ...board.definition, series: [{ ...series, split }] };
  const { body } = await owner.send<ChartFrames>('POST', `/charts/${board.chartId}/frames`, {
    definition,
  });
  expect([body.frames.series?.keys, body.frames.series?.colourPlaces]).toEqual([
    ['Osk', 'Quill'],
    [0, 1],
  ]);
  const path = `/dashboards/${board.dashboardId}`;
  const { revision } = (await owner.send<Dashboard>('GET', path)).body;
  const style = { ...plainStyle, textSize: 'large', dates: 'iso' };
  expect((await owner.send('PUT', `${path}/style`, { revision, style })).status).toBe(200);
  expect((await owner.send('PUT', `${path}/style`, { revision, style })).status).toBe(409);
  const wrong = { ...style, palette: 'none' };
  expect((await owner.send('PUT', `${path}/style`, { revision: 9, style: wrong })).status).toBe(
    422,
  );
  expect((await owner.send<Dashboard>('GET', path)).body.style).toEqual(style);
});
