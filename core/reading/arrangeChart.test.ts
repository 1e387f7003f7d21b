import { parseDay, periodsBetween } from '../calendar';
import { chartFrames, drawnChart } from '../figures';
import { plainStyle } from '../chart';
import { testChart, testFrame, testSeries } from '../testing';
import { arrangeChart, type ArrangedBy } from './arrangeChart';

const today = parseDay('2026-07-01') ?? 0;
const periods = periodsBetween(today - 150, today - 1, 'month');
const definition = testChart({ series: [testSeries('fares')] });
const frame = testFrame({ periods, values: [periods.map((_, at) => at)], completeTo: today });
const { frames } = chartFrames(definition, { fares: frame }, today);
const chart = drawnChart(definition);
const by: ArrangedBy = {
  today,
  style: plainStyle,
  chosen: null,
  periods: { dates: 'words', yearStart: 1 },
};

it('takes again what was laid of the same figures, also when a worker is asked anew', () => {
  expect(arrangeChart(chart, frames, structuredClone(by))).toBe(arrangeChart(chart, frames, by));
});

it.each<[string, () => unknown]>([
  ['on another day', () => arrangeChart(chart, frames, { ...by, today: today + 1 })],
  ['with another period chosen', () => arrangeChart(chart, frames, { ...by, chosen: today })],
  [
    'with dates written otherwise',
    () => arrangeChart(chart, frames, { ...by, periods: { dates: 'iso', yearStart: 1 } }),
  ],
  ['of another chart', () => arrangeChart({ ...chart }, frames, by)],
  ['of other figures', () => arrangeChart(chart, { ...frames }, by)],
])('lays anew %s', (_, other) => {
  const before = arrangeChart(chart, frames, by);
  expect(other()).not.toBe(before);
});
