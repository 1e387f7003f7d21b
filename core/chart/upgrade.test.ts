import { draftRule, draftStandout, parseChart } from './index';
import { type StoredChart, upgradeChart } from './upgrade';

const level = (id: string, number: number | null) => ({
  id,
  kind: 'line',
  name: id,
  onAxis: true,
  value: { kind: 'number', number },
});

const series = (id: string, role: string, more = {}) => ({
  id,
  name: id,
  role,
  mark: null,
  colour: null,
  split: null,
  figures: { sourceId: 7, date: 'Day', aggregate: 'sum', column: 'Fares' },
  ...more,
});

/** A chart as version 1 kept it. */
const first = {
  version: 1,
  title: 'Fares',
  grain: 'week',
  span: { from: '2026-01-01', to: null },
  series: [
    series('a', 'actual', { split: { column: 'Route', order: ['West', 'East'] } }),
    series('b', 'budget', { colour: 'plum' }),
    series('c', 'other'),
  ],
  yardsticks: [
    { id: 'today', kind: 'today', offsetDays: 0 },
    level('none', null),
    level('far', 1e308),
    level('kept', 5),
  ],
  colourRules: [{ id: 'off', series: 'a', when: 'offMark', colour: 'brick' }],
  standouts: [{ id: 'h', series: 'a', pick: 'highest' }],
};

it('turns a chart of version 1 into one that draws the same, and can be saved', () => {
  const chart = upgradeChart(first as unknown as StoredChart);
  expect(parseChart(JSON.parse(JSON.stringify(chart)))).toEqual(chart);
  expect(chart).toMatchObject({
    version: 3,
    grain: 'week',
    arrangement: { kind: 'one' },
    span: { kind: 'fixed', from: '2026-01-01', to: null },
    standouts: [draftStandout('h', 'a', { kind: 'highest' })],
    dials: [],
    colourRules: [draftRule('off', 'a', { kind: 'mark', is: 'off' }, 'brick')],
  });
  // What could not be drawn went with it.
  expect(chart.yardsticks.map(({ id }) => id)).toEqual(['today', 'kept']);
  // Colours of the palette stay: a split takes one for each word that was known.
  expect(chart.series.map(({ stroke }) => [stroke.colour, stroke.place])).toEqual([
    [null, 0],
    ['plum', 2],
    [null, 2],
  ]);
  expect(chart.series[0]).toMatchObject({
    figures: { kind: 'rows', sourceId: 7, filters: [] },
    split: { order: ['West', 'East'], coloured: [], colourBy: null, top: null },
  });
});

it('takes a chart of version 1 from outside, and leaves one of today alone', () => {
  const chart = parseChart(first);
  expect(chart.version).toBe(3);
  expect(upgradeChart(chart)).toBe(chart);
});
