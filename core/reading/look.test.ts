import { parseDay, periodStart } from '../calendar';
import {
  type ChartDefinition,
  plainAxes,
  plainStroke,
  plainStyle,
  type SeriesDefinition,
} from '../chart';
import { chartFrames, drawnChart } from '../figures';
import { draftStandout } from '../editing';
import { plainNumbers, writeFigure } from '../labels';
import { testChart, testFrame, testSeries } from '../testing';
import { readChart, type ReadingContext } from './readChart';
import { linesOf } from './words';

const day = (text: string) => parseDay(text) as number;
const months = ['2026-01', '2026-02', '2026-03'].map((month) =>
  periodStart(day(`${month}-01`), 'month'),
);
const frame = (keys: string[], values: number[][], groups: string[] | null = null) =>
  testFrame({ periods: months, keys, values, groups, completeTo: day('2026-03-31') });

const revenue = frame([''], [[1_200_000, 1_500_000, 900_000]]);
const share = frame([''], [[0.8, 0.95, 0.4]]);
const routes = frame(
  ['East', 'North', 'West'],
  [
    [10, 20, 30],
    [1, 2, 3],
    [7, 8, 9],
  ],
  ['a', 'b', 'a'],
);
const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };

function read(
  chart: Partial<ChartDefinition>,
  frames: Record<string, typeof revenue>,
  style: ReadingContext['style'] = plainStyle,
) {
  const today = day('2026-04-10');
  const definition = testChart(chart);
  const found = chartFrames(definition, frames, today);
  return readChart(drawnChart(definition), found.frames, { today, style });
}

const second: Partial<SeriesDefinition> = { valueAxis: 'second', role: 'other' };
const two = { series: [testSeries('Revenue'), testSeries('Share', second)] };
const both = { Revenue: revenue, Share: share };

it('gives a series on the second axis a scale and a format of its own', () => {
  const { panels, format, secondFormat } = read(two, both);
  expect(panels[0]?.axis.to).toBeGreaterThan(1_500_000);
  expect(panels[0]?.second?.to).toBeLessThan(2);
  expect(writeFigure(1_500_000, format)).toBe('1.50m');
  expect(writeFigure(0.95, secondFormat)).toBe('0.95');
  expect(panels[0]?.series.map((line) => writeFigure(0.4, line.format))).toEqual(['0.40', '0.40']);
  expect(read({ series: [testSeries('Revenue')] }, both).panels[0]?.second).toBeNull();
});

it('stands both axes on one scale when they are aligned', () => {
  const axes = { ...plainAxes, second: { ...plainAxes.second, aligned: true } };
  const [panel] = read({ ...two, axes }, both).panels;
  expect(panel?.second).toEqual(panel?.axis);
});

it.each([
  ['from', { from: 500_000 }, [500_000, 1_625_000]],
  ['to', { to: 4_000_000 }, [0, 4_000_000]],
  ['both ends', { from: -1, to: 10 }, [-1, 10]],
])('keeps a fixed axis: %s', (_, ends, wanted) => {
  const axes = { ...plainAxes, first: { ...plainAxes.first, ...ends } };
  const axis = read({ series: [testSeries('Revenue')], axes }, both).panels[0]?.axis;
  expect([axis?.from, axis?.to]).toEqual(wanted);
});

it('writes figures and dates as the dashboard does, unless the chart has its own way', () => {
  const marks = { ...plainNumbers, marks: 'point', unit: '€', unitAt: 'before' } as const;
  const style = { ...plainStyle, numbers: marks, dates: 'iso' } as const;
  const series = [testSeries('Revenue')];
  const theirs = read({ series }, both, style);
  expect(writeFigure(-1_500_000, theirs.format)).toBe('−€1,50m');
  expect(theirs.positions[0]?.label).toBe('2026-01');
  const first = { ...plainAxes.first, numbers: { ...plainNumbers, short: false, decimals: 1 } };
  const own = read({ series, axes: { ...plainAxes, first, dates: 'words' } }, both, style);
  expect(writeFigure(1_500_000, own.format)).toBe('1,500,000.0');
  expect(own.positions[0]?.label).toBe('Jan 2026');
});

it('names quarters by the fiscal year where it begins with one', () => {
  const quarter = {
    ...revenue,
    periods: [day('2026-01-01'), day('2026-04-01'), day('2026-07-01')],
  };
  const labels = (yearStart: number) =>
    read({ series: [testSeries('Revenue')], grain: 'quarter', yearStart }, { Revenue: quarter })
      .positions.map(({ label }) => label)
      .slice(0, 2);
  expect(labels(4)).toEqual(['Q4 FY2026', 'Q1 FY2027']);
  expect(labels(2)).toEqual(['Q1 2026', 'Q2 2026']);
});

it('fills the slots of titles, and leaves unknown ones as they are written', () => {
  const axes = { ...plainAxes, first: { ...plainAxes.first, title: 'to {last actual}' } };
  const level = { kind: 'number', number: 1_000_000 } as const;
  const limit = { id: 'l', kind: 'line', name: 'Limit', value: level } as const;
  const reading = read(
    {
      title: '{first period} to {Last Period}: {Revenue} ({limit}){filters} {nothing}',
      series: [testSeries('Revenue')],
      yardsticks: [{ ...limit, shading: 'none', onAxis: true }],
      axes,
    },
    both,
  );
  expect(reading.title).toBe('Jan 2026 to Mar 2026: 0.90m (1.00m) {nothing}');
  expect(reading.look.titles.first).toBe('to Mar 2026');
});

it('keeps what a filter leaves in grey out of every computation, and a fixed selection out of standouts', () => {
  const keeping = (rest: 'grey' | 'removed') =>
    read(
      {
        series: [testSeries('Rides', { split })],
        standouts: [draftStandout('h', 'Rides', { kind: 'highest' })],
        filters: [
          { filter: { kind: 'words', column: 'Route', words: ['West'], keep: true }, rest },
        ],
        yardsticks: [
          {
            id: 'm',
            kind: 'line',
            name: 'Mean',
            shading: 'none',
            onAxis: true,
            value: { kind: 'statistic', statistic: 'mean', series: 'Rides' },
          },
        ],
      },
      { Rides: { ...routes, groups: null } },
    );
  const reading = keeping('grey');
  expect(linesOf(reading).map(({ key, greyed, stroke }) => [key, greyed, stroke.colour])).toEqual([
    ['East', true, 'grey'],
    ['North', true, 'grey'],
    ['West', false, 'plum'],
  ]);
  expect(reading.panels[0]?.standouts.map(({ figure }) => figure)).toEqual([9]);
  expect(reading.panels[0]?.yardsticks[0]?.value).toBe(8);
  expect(reading.described).toContain('only West');
  const kept = read(
    {
      series: [testSeries('Rides', { split, fixed: true })],
      standouts: [draftStandout('h', 'Rides', { kind: 'highest' })],
    },
    { Rides: { ...routes, groups: null } },
  );
  expect([kept.panels[0]?.standouts, linesOf(kept).length]).toEqual([[], 3]);
  expect(linesOf(keeping('removed')).some(({ greyed }) => greyed)).toBe(false);
});

it('colours lines by the word of another column, in the order in which the groups come', () => {
  const series = [testSeries('Rides', { split: { ...split, colourBy: 'Region' } })];
  const colours = linesOf(read({ series }, { Rides: routes })).map(({ stroke }) => stroke.colour);
  expect(colours).toEqual(['teal', 'ochre', 'teal']);
  const coloured = ['North', 'East', 'West'];
  const turned = [testSeries('Rides', { split: { ...split, colourBy: 'Region', coloured } })];
  expect(
    linesOf(read({ series: turned }, { Rides: routes })).map((line) => line.stroke.colour),
  ).toEqual(['ochre', 'teal', 'ochre']);
});

it('stands bars on zero, each alone, and tells their sign', () => {
  const change = frame([''], [[50, -20, 55]]);
  const stroke = { ...plainStroke, shape: 'bars' as const };
  const { panels } = read({ series: [testSeries('Change', { stroke })] }, { Change: change });
  const [line] = panels[0]?.series ?? [];
  expect(line?.pieces.map(({ x, colour }) => [x.length, colour])).toEqual([
    [1, 'teal'],
    [1, 'brick'],
    [1, 'teal'],
  ]);
  const high = read(
    { series: [testSeries('Change', { stroke })] },
    { Change: frame([''], [[95, 96, 97]]) },
  );
  expect(high.panels[0]?.axis.from).toBe(0);
});

it('takes the stroke of a role, and the palette, from the dashboard', () => {
  const strokes = { budget: { colour: 'plum', dash: 'dot', width: null } } as const;
  const style = { ...plainStyle, strokes, palette: 'coast' } as const;
  const series = [testSeries('Revenue'), testSeries('Share', { role: 'budget' })];
  const drawn = linesOf(read({ series }, both, style)).map(({ stroke }) => stroke);
  expect(drawn.map(({ colour, dash }) => [colour, dash])).toEqual([
    ['sky', 'solid'],
    ['plum', 'dot'],
  ]);
  expect(drawn[1]?.width).toBe(1.5);
});

it('ends with the last actual where it is told to', () => {
  const plan = testFrame({
    periods: [...months, day('2026-04-01'), day('2026-05-01')],
    values: [[1, 1, 1, 1, 1]],
  });
  const series = [testSeries('Revenue'), testSeries('Plan', { role: 'budget' })];
  const ends = (count: number | null) =>
    read(
      { series, span: { kind: 'lastActual', count } },
      { Revenue: revenue, Plan: plan },
    ).positions.map(({ label }) => label);
  expect(ends(null)).toEqual(['Jan 2026', 'Feb 2026', 'Mar 2026']);
  expect(ends(2)).toEqual(['Feb 2026', 'Mar 2026']);
});

it('knows which figures were measured, and which only stand in', () => {
  const gappy = testFrame({ ...revenue, values: [[4, null, 6] as number[]] });
  const series = [testSeries('Revenue', { gap: 'zero' })];
  const [line] = linesOf(read({ series }, { Revenue: gappy }));
  expect([line?.figures, line?.measured]).toEqual([
    [4, 0, 6],
    [true, false, true],
  ]);
});

it('writes the last finished figure of a headline, and how far it is from its mark', () => {
  const budget = frame([''], [[1_000_000, 1_000_000, 1_000_000]]);
  const series = [
    testSeries('Revenue', { mark: { against: 'Plan', good: 'atLeast' } }),
    testSeries('Plan', { role: 'budget' }),
  ];
  const { headline, panels } = read(
    { series, arrangement: { kind: 'sparkline' } },
    { Revenue: revenue, Plan: budget },
  );
  expect(headline).toMatchObject({
    figure: '0.90m',
    period: 'Mar 2026',
    difference: '0.10m under Plan',
    judgement: 'off',
  });
  expect(panels).toHaveLength(1);
  expect(read({ series }, { Revenue: revenue, Plan: budget }).headline).toBeNull();
});
