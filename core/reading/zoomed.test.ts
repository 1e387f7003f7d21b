import { parseDay, periodsBetween } from '../calendar';
import { chartFrames, drawnChart } from '../figures';
import { testChart, testFrame, testSeries } from '../testing';
import { linesOf } from './words';
import { readChart } from './readChart';
import { zoomed } from './zoomed';

const today = parseDay('2026-07-01') ?? 0;
const periods = periodsBetween(parseDay('2026-01-01') ?? 0, today - 1, 'month');

/** Six months against a plan of ten each. */
function read(fares: readonly number[]) {
  const chart = testChart({
    series: [
      testSeries('fares', { mark: { against: 'plan', good: 'atLeast' } }),
      testSeries('plan'),
    ],
  });
  const frame = (values: readonly number[]) =>
    testFrame({ periods, values: [[...values]], completeTo: today });
  const aggregated = { fares: frame(fares), plan: frame(fares.map(() => 10)) };
  const { frames } = chartFrames(chart, aggregated, today);
  return readChart(drawnChart(chart), frames, { today });
}

it.each([
  [
    'a spell longer than what is seen',
    { from: 2, to: 3 },
    [{ from: 0, to: 1, periods: 5, total: -15 }],
  ],
  [
    'a spell that begins before it',
    { from: 3, to: 5 },
    [{ from: 0, to: 1, periods: 5, total: -15 }],
  ],
  ['no spell that is out of sight', { from: 5, to: 5 }, []],
])('keeps %s, with what it came to as a whole', (_, zoom, spells) => {
  const [line] = linesOf(zoomed(read([7, 7, 7, 7, 7, 12]), zoom));
  expect(line?.comparison?.spells).toEqual(spells.map((each) => ({ ...each, ongoing: false })));
});
