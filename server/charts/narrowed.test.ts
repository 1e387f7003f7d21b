import type { ChartFrames } from '../../contract';
import type { ChartDefinition } from '../../core/chart';
import type { Narrowing } from '../../core/narrowing';
import { startServer, TestPerson, type TestServer } from '../testing';

const rows = [
  ['2026-01-05', 'East', 1],
  ['2026-01-06', 'West', 20],
  ['2026-02-05', 'East', 300],
  ['2026-02-06', 'West', 4000],
].map((row) => row.join(','));
const csv = ['Day,Route,Fares', ...rows].join('\n');

let server: TestServer;
let author: TestPerson;
let stranger: TestPerson;
let board: Awaited<ReturnType<TestPerson['board']>>;
let picker: number;

beforeAll(async () => {
  server = await startServer();
  author = await TestPerson.signedUp(server.origin, 'maren');
  stranger = await TestPerson.signedUp(server.origin, 'odd');
  board = await author.board(await author.source(csv));
  picker = await addPicker(author, board, { linked: true, narrows: true });
});

afterAll(() => server.stop());

/** Lays a chart split by route on a dashboard. */
async function addPicker(
  person: TestPerson,
  { dashboardId, definition }: typeof board,
  linking: ChartDefinition['linking'],
): Promise<number> {
  const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };
  const series = definition.series.map((each) => ({ ...each, split }));
  const { body } = await person.send<{ id: number }>('POST', `/dashboards/${dashboardId}/charts`, {
    definition: { ...definition, series, linking },
  });
  return body.id;
}

/** The figures of the board's chart, as they are narrowed. */
async function narrowed(narrowings: readonly unknown[], person = author) {
  const asked = encodeURIComponent(JSON.stringify(narrowings));
  const path = `/charts/${board.chartId}/frames?narrowed=${asked}`;
  const { status, body } = await person.send<ChartFrames>('GET', path);
  const [frame] = Object.values(body.frames ?? {});
  return { status, figures: frame?.values[0], follows: body.follows };
}

const east = (chart: number): Narrowing => ({
  kind: 'line',
  chart,
  series: board.definition.series[0]?.id ?? '',
  word: 'East',
});
const february = (chart: number): Narrowing => ({
  kind: 'dates',
  chart,
  from: '2026-02-01',
  to: '2026-02-28',
});

it('narrows a chart by what was picked in another, and tells whether it follows', async () => {
  expect(await narrowed([])).toEqual({ status: 200, figures: [21, 4300], follows: undefined });
  expect((await narrowed([east(picker)])).figures).toEqual([1, 300]);
  expect((await narrowed([february(picker)])).figures).toEqual([4300]);
  expect(await narrowed([east(picker), february(picker)])).toEqual({
    status: 200,
    figures: [300],
    follows: [true, true],
  });
  // Not by what it was told before: every answer is for what was asked.
  expect((await narrowed([])).figures).toEqual([21, 4300]);
});

it('leaves a fixed selection as it is, but for the dates', async () => {
  const [series] = board.definition.series;
  const fixed = { ...series, id: 'fixed', name: 'Always', fixed: true };
  const path = `/dashboards/${board.dashboardId}/charts`;
  const { body } = await author.send<{ id: number }>('POST', path, {
    definition: { ...board.definition, series: [series, fixed] },
  });
  const asked = encodeURIComponent(JSON.stringify([east(picker), february(picker)]));
  const frames = await author.send<ChartFrames>(
    'GET',
    `/charts/${body.id}/frames?narrowed=${asked}`,
  );
  const values = Object.fromEntries(
    Object.entries(frames.body.frames).map(([id, frame]) => [id, frame.values[0]]),
  );
  expect(values).toEqual({ [series?.id ?? '']: [300], fixed: [4300] });
});

it('tells the figures without what a reader filters, where a statistic looks at them', async () => {
  const [series] = board.definition.series;
  const of = { kind: 'statistic', statistic: 'mean', series: series?.id } as const;
  const dial = { id: 'd', kind: 'choice', name: 'Route', value: '', choices: ['', 'East', 'West'] };
  const words = { kind: 'words', column: 'Route', words: ['East'], keep: true };
  const chartWith = async (scope: object) => {
    const value = { ...of, scope: { periods: 'shown', count: 1, per: 'panel', ...scope } };
    const line = { id: 'm', kind: 'line', name: 'Mean', shading: 'none', onAxis: true, value };
    const { body } = await author.send<{ id: number }>(
      ...(['POST', `/dashboards/${board.dashboardId}/charts`] as const),
      {
        definition: {
          ...board.definition,
          yardsticks: [line],
          dials: [dial],
          filters: [{ filter: words, rest: 'removed', dial: 'd' }],
        },
      },
    );
    return async (asked: string) => {
      const frames = await author.send<ChartFrames>('GET', `/charts/${body.id}/frames?${asked}`);
      const { frames: shown, unfiltered } = frames.body;
      return [shown, unfiltered].map((each) => each?.[series?.id ?? '']?.values[0]);
    };
  };
  const picked = `narrowed=${encodeURIComponent(JSON.stringify([east(picker)]))}`;
  const turned = `dials=${encodeURIComponent(JSON.stringify({ Route: 'West' }))}`;
  const past = await chartWith({ unfiltered: true });
  expect(await past('')).toEqual([[21, 4300], undefined]);
  expect(await past(picked)).toEqual([
    [1, 300],
    [21, 4300],
  ]);
  expect(await past(turned)).toEqual([
    [20, 4000],
    [21, 4300],
  ]);
  expect((await (await chartWith({}))(picked))[1]).toBeUndefined();
});

it('is narrowed by no word that the other chart does not draw itself', async () => {
  const [series] = board.definition.series;
  const split = { column: 'Route', order: [], coloured: [], colourBy: null };
  const pickerWith = async (more: object) => {
    const { body } = await author.send<{ id: number }>(
      ...(['POST', `/dashboards/${board.dashboardId}/charts`] as const),
      {
        definition: {
          ...board.definition,
          linking: { linked: true, narrows: true },
          standouts: [],
          series: [{ ...series, split: { ...split, top: null } }],
          ...more,
        },
      },
    );
    return body.id;
  };
  const ranked = [{ ...series, split: { ...split, top: { count: 1, by: 'total' } } }];
  const hidden = [
    series,
    { ...series, id: 'own', name: 'Own', hidden: true, split: { ...split, top: null } },
  ];
  const january = { kind: 'fixed', from: '2026-03-01', to: null };
  const whole = { status: 200, figures: [21, 4300], follows: [false] };
  expect(await narrowed([east(await pickerWith({ series: ranked }))])).toEqual(whole);
  expect(
    await narrowed([{ ...east(await pickerWith({ series: hidden })), series: 'own' }]),
  ).toEqual(whole);
  expect(await narrowed([east(await pickerWith({ span: january }))])).toEqual(whole);
  const guessed = { ...east(await pickerWith({})), word: 'North' };
  expect(await narrowed([guessed])).toEqual(whole);
});

it('is narrowed by no chart that does not offer it, lies elsewhere, or is gone', async () => {
  const silent = await addPicker(author, board, undefined);
  const own = await stranger.board(await stranger.source(csv));
  const elsewhere = await addPicker(stranger, own, { linked: true, narrows: true });
  const second = await author.board(await author.source(csv, 'More figures'));
  const otherBoard = await addPicker(author, second, { linked: true, narrows: true });
  for (const chart of [silent, elsewhere, otherBoard, board.chartId, 99_999])
    expect(await narrowed([east(chart)])).toEqual({
      status: 200,
      figures: [21, 4300],
      follows: [false],
    });
});

it('refuses what cannot be read as a pick, and too many of them', async () => {
  const many = Array.from({ length: 3 }, () => east(picker));
  for (const asked of [[{ kind: 'x' }], [{ kind: 'line', chart: 'a' }], many, [null]])
    expect((await narrowed(asked)).status).toBe(400);
  expect((await narrowed([east(picker)], stranger)).status).toBe(404);
});
