import { readChart } from './readChart';
import { lineFollowed, replayedAt } from './replayed';
import { testChart, testFrame, testSeries } from '../testing';
import { parseDay, periodsBetween } from '../calendar';
import { chartFrames, drawnChart } from '../figures';

const periods = periodsBetween(parseDay('2026-01-01') ?? 0, parseDay('2026-05-01') ?? 0, 'month');

function read(fares: (number | null)[], plan: (number | null)[]) {
  const today = parseDay('2026-07-01') ?? 0;
  const chart = testChart({ series: [testSeries('fares'), testSeries('plan')] });
  const frame = (values: (number | null)[]) =>
    testFrame({ periods, values: [values], completeTo: today });
  const { frames } = chartFrames(chart, { fares: frame(fares), plan: frame(plan) }, today);
  return readChart(drawnChart(chart), frames, { today });
}

const reading = read([null, 1, null, 3, 4], [null, null, null, null, null]);
const words = { offered: true, stands: false, words: '{count} of {all} {name}: {value}, {period}' };

it.each([
  [0, { count: 0, value: '' }, '0 of 3 fares: , Jan 2026'],
  [1, { count: 1, value: '1' }, '1 of 3 fares: 1, Feb 2026'],
  // A missing period is not counted, and what was there before still stands.
  [2, { count: 1, value: '1' }, '1 of 3 fares: 1, Mar 2026'],
  [4, { count: 3, value: '4' }, '3 of 3 fares: 4, May 2026'],
])('counts and says what has come by place %i', (place, found, said) => {
  const line = lineFollowed(reading, null);
  if (!line) throw new Error('There is no line.');
  expect(replayedAt(reading, line, place, words)).toMatchObject({ ...found, all: 3, words: said });
  expect(replayedAt(reading, line, place).words).toBe('');
});

it('follows the line that is highlighted, if it has a figure, or else the first that has', () => {
  const both = read([1, 2, 3, 4, 5], [2, 2, 2, 2, 2]);
  expect(lineFollowed(both, 'plan')?.id).toBe('plan');
  expect(lineFollowed(reading, 'plan')?.id).toBe('fares');
  expect(lineFollowed(read([null], [null]), null)).toBeNull();
});
