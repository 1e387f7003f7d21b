import { parseDay } from '../calendar';
import { chartFrames, drawnChart, figuresAsked, frameRequest, expandChart } from '../figures';
import { type ChartDefinition } from '../chart';
import { aggregate, type FrameRequest } from '../frame';
import { dateColumn, numberColumn, textColumn } from '../table';
import { testChart, testSeries } from '../testing';
import { type ReadingsEnd, sayReadingsEnd } from '../yardsticks';
import { readChart } from './index';

const today = parseDay('2026-06-01') as number;
const rows: [string, string, number][] = [
  ['2026-01-05', 'East', 4],
  ['2026-01-20', 'East', 8],
  ['2026-01-21', 'West', 12],
  ['2026-02-03', 'East', 5],
];
const table = {
  rows: rows.length,
  columns: [
    dateColumn(
      'Day',
      Int32Array.from(rows, ([day]) => parseDay(day) as number),
    ),
    textColumn(
      'Route',
      Int32Array.from(rows, ([, word]) => Number(word === 'West')),
      ['East', 'West'],
    ),
    numberColumn(
      'Late',
      Float64Array.from(rows, ([, , late]) => late),
      0,
    ),
  ],
};
const split = { column: 'Route', order: [], coloured: [], colourBy: null, top: null };
const late = testSeries('Late', { split });

const chartWith = (from: ReadingsEnd, to: ReadingsEnd, more: Partial<ChartDefinition> = {}) =>
  testChart({
    series: [late],
    yardsticks: [
      { id: 'b', kind: 'readings', name: 'Most', series: 'Late', from, to, onAxis: true },
    ],
    ...more,
  });

/** The edges of the band in each panel, aggregated from the rows as the server does. */
function bands(definition: ChartDefinition) {
  const chart = expandChart(definition, { turned: {} });
  const aggregated = Object.fromEntries(
    chart.series.flatMap((series) => {
      const request = frameRequest(chart, series, today, ['Day', 'Route', 'Late']);
      return request ? [[series.id, aggregate(table, request)]] : [];
    }),
  );
  const { frames, problems } = chartFrames(chart, aggregated, today);
  expect(problems).toEqual([]);
  const reading = readChart(drawnChart(definition), frames, { today });
  expect(reading.panels.flatMap(({ series }) => series.map(({ name }) => name))).toEqual([
    'East',
    'West',
  ]);
  return reading.panels.map(({ yardsticks: [band] }) => band);
}

const percentile = (percent: number): ReadingsEnd => ({ kind: 'percentile', percent });
const deviation = (times: number): ReadingsEnd => ({ kind: 'deviation', times });

it.each([
  ['the lowest', percentile(0), [4, 5]],
  ['the highest', percentile(100), [12, 5]],
  ['the median', percentile(50), [8, 5]],
  ['the 25th percentile', percentile(25), [6, 5]],
  // The deviation of one reading is missing, and what is found from it.
  ['1 standard deviation over the mean', deviation(1), [12, null]],
  ['2.5 standard deviations under the mean', deviation(-2.5), [-2, null]],
])('finds %s of the single readings of each period', (words, end, wanted) => {
  const [band] = bands(chartWith(end, end));
  expect([band?.edges?.low, band?.edges?.high]).toEqual([wanted, wanted]);
  expect(sayReadingsEnd(end)).toBe(words);
  expect(band?.scope).toBe(`from ${words} to ${words} of each month’s readings of Late`);
});

it('is over the readings of each panel where there are several', () => {
  const panels = { kind: 'panels', shape: 'row', ownAxes: false } as const;
  const found = bands(chartWith(percentile(0), percentile(100), { arrangement: panels }));
  expect(found.map((band) => [band?.edges?.low, band?.edges?.high])).toEqual([
    [
      [4, 5],
      [8, 5],
    ],
    [
      [12, null],
      [12, null],
    ],
  ]);
});

it('says so where the rows are not known, as of a measure that is worked out', () => {
  const figures = { kind: 'measure', sourceId: 1, measureId: 3 } as const;
  const series = [testSeries('Late', { figures })];
  const chart = drawnChart(chartWith(percentile(0), percentile(100), { series }));
  const plain = testChart({ series: [testSeries('Late')] });
  const request = frameRequest(plain, testSeries('Late'), today, []);
  const { frames } = chartFrames(plain, { Late: aggregate(table, request as FrameRequest) }, today);
  const [band] = readChart(chart, frames, { today }).panels[0]?.yardsticks ?? [];
  expect([band?.edges, band?.scope]).toEqual([
    null,
    expect.stringMatching(/: no figures at both$/),
  ]);
});

it('finds nothing where figures are not taken from rows, and says so', () => {
  const series = [testSeries('Late', { figures: { kind: 'constant', number: 3 } })];
  const chart = chartWith(percentile(0), percentile(100), { series });
  const { frames } = chartFrames(expandChart(chart, { turned: {} }), {}, today);
  const [band] = readChart(drawnChart(chart), frames, { today }).panels[0]?.yardsticks ?? [];
  expect([band?.edges, band?.scope]).toEqual([null, expect.stringContaining('not taken from')]);
});

it('asks for other figures when its ends are others', () => {
  const asked = (percent: number) => figuresAsked(chartWith(percentile(0), percentile(percent)));
  expect(asked(90)).not.toBe(asked(80));
});
