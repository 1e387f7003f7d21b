import { nextPeriod, periodsBetween } from '../calendar';
import { dateColumn, numberColumn, type Table, textColumn } from '../table';
import vectors from '../vectors/top-n.json';
import { aggregate } from './aggregate';
import type { FrameRequest, Ranking } from './index';

type Case = (typeof vectors.cases)[number];

/** A table with one row for each figure, a month for each period. */
function tableOf({ categories, values }: Case, months: number[]): Table {
  const cells = categories.flatMap((_, code) =>
    months.map((start, place) => ({ code, start, figure: values[code]?.[place] ?? null })),
  );
  return {
    rows: cells.length,
    columns: [
      dateColumn(
        'Day',
        Int32Array.from(cells, ({ start }) => start),
      ),
      textColumn(
        'Word',
        Int32Array.from(cells, ({ code }) => code),
        categories,
      ),
      numberColumn(
        'Figure',
        Float64Array.from(cells, ({ figure }) => figure ?? NaN),
        0,
      ),
    ],
  };
}

const request: FrameRequest = {
  sourceId: 1,
  date: 'Day',
  grain: 'month',
  aggregate: 'sum',
  column: 'Figure',
  splitBy: 'Word',
};

it.each(vectors.cases)('keeps the first $n by $by and the rest as one', (vector) => {
  const { values, lastFinished, by, n, order } = vector;
  const months = periodsBetween(20_089, 22_000, 'month').slice(0, values[0]?.length);
  const today = nextPeriod(months[lastFinished] as number, 'month');
  const top = { count: n, by: by as Ranking, from: null, to: null, today };
  const frame = aggregate(tableOf(vector, months), { ...request, top });
  expect(frame.keys).toEqual([...order.slice(0, n), 'Others']);
  expect(frame.values.at(-1)).toEqual(vector.others);
  expect(frame.others).toBe('Others');
});

it('aggregates the rest anew from its rows, and counts a blank word as one of its own', () => {
  const table: Table = {
    rows: 4,
    columns: [
      dateColumn('Day', Int32Array.from([20_089, 20_089, 20_089, 20_089])),
      textColumn('Word', Int32Array.from([0, 1, 1, -1]), ['North', 'South']),
      numberColumn('Figure', Float64Array.from([90, 10, 20, 60]), 0),
    ],
  };
  const mean = { ...request, aggregate: 'mean' as const };
  const all = aggregate(table, mean);
  expect([all.keys, all.values]).toEqual([
    ['North', 'South', ''],
    [[90], [15], [60]],
  ]);
  const top = { count: 1, by: 'total' as const, from: null, to: null, today: 21_000 };
  const frame = aggregate(table, { ...mean, top });
  expect([frame.keys, frame.values]).toEqual([
    ['North', 'Others'],
    [[90], [30]],
  ]);
});

it.each([
  ['words kept', [{ kind: 'words', column: 'Word', words: ['South'], keep: true }], [30]],
  ['words left out', [{ kind: 'words', column: 'Word', words: ['South'], keep: false }], [150]],
  ['blank left out', [{ kind: 'words', column: 'Word', words: [''], keep: false }], [120]],
  ['a range, its ends in it', [{ kind: 'numbers', column: 'Figure', from: 20, to: 60 }], [80]],
  ['nothing within', [{ kind: 'numbers', column: 'Figure', from: 91, to: null }], []],
] as const)('counts only rows that filters keep: %s', (_, filters, wanted) => {
  const table: Table = {
    rows: 4,
    columns: [
      dateColumn('Day', Int32Array.from([20_089, 20_089, 20_089, 20_089])),
      textColumn('Word', Int32Array.from([0, 1, 1, -1]), ['North', 'South']),
      numberColumn('Figure', Float64Array.from([90, 10, 20, 60]), 0),
    ],
  };
  const whole = { ...request, splitBy: null };
  const asked = { ...whole, filters: filters.map((each) => ({ ...each })) } as FrameRequest;
  const frame = aggregate(table, asked);
  expect(frame.values[0]).toEqual(wanted);
  // A filter makes a source no less complete.
  expect(frame.completeTo).toBe(aggregate(table, whole).completeTo);
});
