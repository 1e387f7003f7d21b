import { formatDay, type Grain, parseDay } from '../../calendar';
import type { DrawnChart, DrawnSeries } from '../../chart';
import type { SeriesFrame } from '../../figures';
import { testFrame, testSeries } from '../../testing';
import { layPositions, mostPeriods } from './index';

const day = (text: string) => parseDay(text) as number;

const series = (id: string, role: DrawnSeries['role']): DrawnSeries => testSeries(id, { role });

interface Framed {
  from: string;
  to: string;
  completeTo?: string | null;
  recordedGrain?: Grain;
}

const frame = ({ from, to, completeTo = null, recordedGrain = 'day' }: Framed): SeriesFrame => ({
  ...testFrame({ completeTo: completeTo === null ? null : day(completeTo), recordedGrain }),
  additive: true,
  constant: null,
  greyed: [],
  inInk: [],
  colourPlaces: [0],
  extent: { from: day(from), to: day(to) },
});

const chart = (grain: Grain, ...of: DrawnSeries[]) =>
  ({ title: 'Any', grain, axis: { kind: 'periods' }, series: of }) as unknown as DrawnChart;

const actual = series('actual', 'actual');
const budget = series('budget', 'budget');

/** The periods, with a star behind those that are open. */
const shown = (...args: Parameters<typeof layPositions>) =>
  layPositions(...args).map(
    ({ start, open }) => `${formatDay(start).slice(0, 7)}${open ? '*' : ''}`,
  );

it('reaches from the earliest to the latest period of all series', () => {
  const frames = {
    actual: frame({ from: '2026-02-01', to: '2026-03-01' }),
    budget: frame({ from: '2026-01-01', to: '2026-02-01', recordedGrain: 'month' }),
  };
  expect(shown(chart('month', actual, budget), frames, day('2027-01-01'))).toEqual([
    '2026-01',
    '2026-02',
    '2026-03',
  ]);
});

it('stands each period in its middle, from its first day to the first after it', () => {
  const frames = { actual: frame({ from: '2024-02-01', to: '2024-02-01' }) };
  const [february] = layPositions(chart('month', actual), frames, day('2025-01-01'));
  const [start, next] = [day('2024-02-01'), day('2024-03-01')];
  expect(february).toEqual({
    start,
    next,
    middle: start + 14.5,
    open: false,
    label: 'Feb 2024',
  });
});

it.each([
  ['the day before it ends', '2026-03-31', ['2026-02', '2026-03*']],
  ['the day after it has ended', '2026-04-01', ['2026-02', '2026-03']],
  ['a day in an earlier period', '2026-02-10', ['2026-02*', '2026-03*']],
])('leaves a period open until today is past it: on %s', (_, today, wanted) => {
  const frames = { actual: frame({ from: '2026-02-01', to: '2026-03-01' }) };
  expect(shown(chart('month', actual), frames, day(today))).toEqual(wanted);
});

it.each([
  ['stop inside a month', { completeTo: '2026-03-30' }, ['2026-02', '2026-03*', '2026-04*']],
  ['reach its last day', { completeTo: '2026-03-31' }, ['2026-02', '2026-03', '2026-04*']],
  [
    'are recorded by month',
    { completeTo: '2026-04-30', recordedGrain: 'month' as const },
    ['2026-02', '2026-03', '2026-04'],
  ],
  ['have no figure', { completeTo: null }, ['2026-02', '2026-03', '2026-04']],
])('leaves open what the actuals are not complete to the end of: they %s', (_, last, wanted) => {
  const frames = { actual: frame({ from: '2026-02-01', to: '2026-04-01', ...last }) };
  expect(shown(chart('month', actual), frames, day('2026-09-01'))).toEqual(wanted);
});

it('goes by the actuals that have got furthest, and by no plan', () => {
  const other = series('other actual', 'actual');
  const frames = {
    actual: frame({ from: '2026-01-01', to: '2026-04-01', completeTo: '2026-02-10' }),
    'other actual': frame({ from: '2026-01-01', to: '2026-04-01', completeTo: '2026-03-10' }),
    budget: frame({ from: '2026-01-01', to: '2026-04-01', completeTo: '2026-04-10' }),
  };
  const today = day('2026-09-01');
  expect(shown(chart('month', actual, other, budget), frames, today)).toEqual([
    '2026-01',
    '2026-02',
    '2026-03*',
    '2026-04*',
  ]);
  expect(shown(chart('month', budget), frames, today)).not.toContain('2026-04*');
});

it('leaves out what cannot be drawn at the grain, what has no figure, and what is not there', () => {
  const frames = {
    actual: { ...frame({ from: '2020-01-01', to: '2020-02-01' }), extent: null },
    budget: { ...frame({ from: '2026-01-01', to: '2026-03-01' }), extent: null },
  };
  expect(layPositions(chart('day', actual, budget), frames, 0)).toEqual([]);
  expect(layPositions(chart('month', actual), {}, 0)).toEqual([]);
});

it('ends where periods can no longer be told apart', () => {
  const frames = { actual: frame({ from: '2000-01-01', to: '2026-01-01' }) };
  expect(layPositions(chart('day', actual), frames, day('2026-02-01'))).toHaveLength(mostPeriods);
});
