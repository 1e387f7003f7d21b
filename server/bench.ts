import { dayOf } from '../core/calendar';
import { draftChart, frameRequest } from '../core/chart';
import { aggregate, frameKey } from '../core/frame';
import { readChart } from '../core/reading';
import { cellReader, dateColumn, numberColumn, type Table, textColumn } from '../core/table';

/*
 * Ratios of our own work to the plainest loop that does the same without our guarantees, in the same
 * run, so that a slower machine changes neither.
 */
const rows = 1_000_000;
const start = dayOf(2020, 1, 1) ?? 0;
const days = Int32Array.from({ length: rows }, (_, row) => start + (row % 2400));
const values = Float64Array.from({ length: rows }, (_, row) => ((row * 7919) % 100_000) / 100);
const codes = Int32Array.from({ length: rows }, (_, row) => row % 7);
const words = Array.from({ length: 7 }, (_, word) => `Route ${word}`);
const table: Table = {
  rows,
  columns: [
    dateColumn('Day', days),
    numberColumn('Fares', values, 2),
    textColumn('Route', codes, words),
  ],
};

/** The median of seven runs, in milliseconds. */
function time(work: () => unknown): number {
  const runs = Array.from({ length: 7 }, () => {
    const begun = performance.now();
    work();
    return performance.now() - begun;
  });
  return runs.sort((a, b) => a - b)[3] ?? 0;
}

function report(name: string, own: number, peer: string, other: number, limit: number) {
  const ratio = own / other;
  const verdict = ratio <= limit ? 'within' : 'OVER';
  console.log(
    `${name}: ${own.toFixed(1)} ms, ${ratio.toFixed(2)} times ${peer} (${verdict} the limit of ${limit})`,
  );
}

const plainSum = () => {
  const sums = new Map<string, number>();
  for (let row = 0; row < rows; row += 1) {
    const key = `${Math.floor((days[row] ?? 0) / 30)} ${codes[row]}`;
    sums.set(key, (sums.get(key) ?? 0) + (values[row] ?? 0));
  }
  return sums;
};
const drafted = draftChart({ id: 1, columns: table.columns });
const chart = {
  ...drafted,
  series: drafted.series.map((series) => ({ ...series, split: { column: 'Route', order: words } })),
};
const [series] = chart.series;
if (!series) throw new Error('The draft has no series.');
const request = frameRequest(chart, series);
report(
  'exact sums of a million rows by month and route',
  time(() => aggregate(table, request)),
  'a loop over a map',
  time(plainSum),
  2,
);

const frame = aggregate(table, { ...request, grain: 'day' });
const daily = { ...chart, grain: 'day' as const };
const [dailySeries] = daily.series;
const frames = dailySeries ? { [frameKey(frameRequest(daily, dailySeries))]: frame } : {};

const readDaily = () => readChart(daily, frames, { today: start + 2400 });
const reading = readDaily();
report(
  'a reading of seven lines of 2,400 days',
  time(readDaily),
  'writing and parsing it as JSON',
  time(() => JSON.parse(JSON.stringify(reading)) as unknown),
  20,
);

const cells = Array.from({ length: 200_000 }, (_, row) => String(values[row]));
const read = cellReader({ kind: 'number', datePattern: null }, '.', 'UTC');
report(
  'reading 200,000 figures',
  time(() => cells.map(read)),
  'Number()',
  time(() => cells.map(Number)),
  20,
);
