import type { Comparison, ReadSeries } from '../../core/reading';
import { colourAt, sayDifference, sayOff } from './atPeriod';

const format = { divisor: 1e3, suffix: 'k', decimals: 1 };

const comparison = {
  markName: 'Budget',
  good: 'atLeast',
  differences: [-1500, 0, 2500, null],
  judgements: ['off', 'on', 'on', null],
} as unknown as Comparison;

const series = {
  comparison,
  format,
  stroke: { colour: 'teal' },
  pieces: [
    { x: [1, 2], judgement: 'on', colour: 'indigo' },
    { x: [2, 3], judgement: 'off', colour: 'brick' },
  ],
} as unknown as ReadSeries;

it.each([
  [0, '1.5k under Budget', ', short of the mark'],
  [1, 'exactly on Budget', ''],
  [2, '2.5k over Budget', ''],
  [3, null, ''],
])('says at period %i how far the figure is from its mark', (period, difference, off) => {
  expect([sayDifference(series, period), sayOff(series, period)]).toEqual([difference, off]);
});

it('says that spending is beyond its mark, and nothing where nothing is compared', () => {
  const spending = { ...series, comparison: { ...comparison, good: 'atMost' as const } };
  expect(sayOff(spending, 0)).toBe(', beyond the mark');
  const alone = { ...series, comparison: null };
  expect([sayDifference(alone, 0), sayOff(alone, 0)]).toEqual([null, '']);
});

it.each([
  [1, 'indigo'],
  [2, 'brick'],
  [3, 'brick'],
  [9, 'teal'],
])('wears at %i the colour of what is off the mark before any other', (middle, colour) => {
  expect(colourAt(series, middle)).toBe(colour);
});
