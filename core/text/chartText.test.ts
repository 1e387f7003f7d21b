import fc from 'fast-check';
import { boardCharts } from '../../demo/board';
import { ferryFiles } from '../../demo/ferries';
import { markCharts } from '../../demo/marks';
import { wayCharts } from '../../demo/ways';
import { parseDay } from '../calendar';
import { type ChartDefinition, parseChart } from '../chart';
import type { Names } from '../sentences';
import { around, randomCharts } from '../testing';
import { printChart, readChartText } from './index';

const ids = Object.fromEntries(
  ferryFiles(parseDay('2026-11-23') ?? 0).map(({ source }, at) => [source, at + 1]),
);
const aroundDemo: Names = {
  source: Object.entries(ids).map(([name, id]) => ({ id, name, date: 'Date' })),
  measure: [{ id: 3, name: 'Fare a head' }],
};
const demo = [...boardCharts(ids), ...wayCharts(ids), ...markCharts(ids, { 'Fare a head': 3 })].map(
  ({ definition }) => definition,
);

/** What a text is read as, and what that is written as, are the chart and its text. */
function expectSame(chart: ChartDefinition, names: Names) {
  const text = printChart(chart, names);
  const read = readChartText(text, names, chart);
  expect([text, read.problems]).toEqual([text, []]);
  expect(read.chart).toEqual(chart);
  expect(printChart(read.chart as ChartDefinition, names)).toBe(text);
}

it('reads each chart of the demo from its text', () => {
  for (const chart of demo) expectSame(parseChart(chart), aroundDemo);
});

const runs = Number(process.env.RANDOM_CHARTS ?? 500);

it('reads any chart from its text', () => {
  fc.assert(
    fc.property(randomCharts, (random) => {
      const chart = parseChart(random);
      expectSame(chart, around);
    }),
    { numRuns: runs, endOnFailure: true },
  );
}, 600_000);
