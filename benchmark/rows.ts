import { dayOf } from '../core/calendar';
import { aggregate, type FrameRequest } from '../core/frame';
import { dateColumn, numberColumn, type Table, textColumn } from '../core/table';
import { median } from './median';
import type { Measured } from './report';

const rows = 1_000_000;
const lines = 8;
const daysInAll = 2400;
const first = dayOf(2020, 1, 1) ?? 0;

const days = Int32Array.from({ length: rows }, (_, row) => first + (row % daysInAll));
const values = Float64Array.from({ length: rows }, (_, row) => ((row * 7919) % 100_000) / 100);
const codes = Int32Array.from({ length: rows }, (_, row) => row % lines);
const words = Array.from({ length: lines }, (_, line) => `Route ${line}`);
const table: Table = {
  rows,
  columns: [
    dateColumn('Day', days),
    numberColumn('Fares', values, 2),
    textColumn('Route', codes, words),
  ],
};
const request: FrameRequest = {
  sourceId: 1,
  date: 'Day',
  grain: 'month',
  aggregate: 'sum',
  column: 'Fares',
  splitBy: 'Route',
};

/** A million rows to exact sums, against a loop that adds what it finds by a ready table. */
export function measureRows(): Measured[] {
  const months = new Int32Array(daysInAll).map((_, day) => Math.floor(day / 30.44));
  const own = time(() => aggregate(table, request));
  const peer = time(() => bareSums(days, months, codes, values));
  return [
    {
      work: 'a million rows to month by eight',
      own: `${own.toFixed(1)} ms`,
      peer: `a bare loop over the same arrays (${peer.toFixed(1)} ms)`,
      ratio: own / peer,
      limit: { atMost: 2 },
    },
  ];
}

function bareSums(
  ofDay: Int32Array,
  months: Int32Array,
  ofLine: Int32Array,
  figures: Float64Array,
): Float64Array {
  const sums = new Float64Array(80 * lines);
  for (let row = 0; row < ofDay.length; row += 1) {
    const month = months[(ofDay[row] as number) - first] as number;
    const group = month * lines + (ofLine[row] as number);
    sums[group] = (sums[group] as number) + (figures[row] as number);
  }
  return sums;
}

/** The median of fifteen runs, in milliseconds. */
function time(work: () => unknown): number {
  // The first runs are slower than all that follow.
  for (let i = 0; i < 10; i += 1) work();
  return median(
    Array.from({ length: 15 }, () => {
      const begun = performance.now();
      work();
      return performance.now() - begun;
    }),
  );
}
