import fc from 'fast-check';
import { type Grain, grains } from '../calendar';
import { dateColumn, missingDay, numberColumn, type Table } from '../table';
import { aggregate } from './aggregate';
import { aggregates } from './aggregates';
import type { FrameRequest } from './frame';

const request: FrameRequest = {
  sourceId: 1,
  date: 'Day',
  grain: 'month',
  aggregate: 'sum',
  column: 'Fares',
  splitBy: null,
};

function table(rows: { day: number | null; cents: bigint | null }[]): Table {
  return {
    rows: rows.length,
    columns: [
      dateColumn(
        'Day',
        Int32Array.from(rows, ({ day }) => day ?? missingDay),
      ),
      numberColumn(
        'Fares',
        Float64Array.from(rows, ({ cents }) => (cents === null ? NaN : Number(`${cents}e-2`))),
        2,
      ),
    ],
  };
}

it('loses no cent between rows and periods, small figures or large', () => {
  const row = (most: bigint) =>
    fc.record({
      day: fc.option(fc.integer({ min: 20000, max: 20100 })),
      cents: fc.option(fc.bigInt({ min: -most, max: most })),
    });
  const rows = fc.oneof(fc.array(row(10n ** 6n)), fc.array(row(10n ** 15n)));
  fc.assert(
    fc.property(rows, (all) => {
      const frame = aggregate(table(all), { ...request, grain: 'day' });
      // Rows that all stand on Mondays are a weekly record: it is not split into days.
      fc.pre(frame.within !== 'refused');
      const wanted = new Map<number, bigint>();
      for (const { day, cents } of all)
        if (day !== null && cents !== null) wanted.set(day, (wanted.get(day) ?? 0n) + cents);
      frame.periods.forEach((day, place) => {
        const sum = wanted.get(day);
        expect(frame.values[0]?.[place] ?? null).toBe(
          sum === undefined ? null : Number(`${sum}e-2`) + 0,
        );
      });
      expect(frame.periods.length).toBe(
        new Set(all.flatMap(({ day }) => (day === null ? [] : [day]))).size,
      );
    }),
  );
});

it.each([
  ['a column that is gone', { column: 'Gone' }, /no column “Gone” any more/],
  ['dates that are figures', { date: 'Fares' }, /does not hold dates/],
  ['a split by figures', { splitBy: 'Fares' }, /does not hold words/],
  ['a sum of dates', { column: 'Day' }, /holds no figures/],
] as const)('says what is wrong with %s', (_, wrong, sentence) => {
  expect(() => aggregate(table([{ day: 1, cents: 1n }]), { ...request, ...wrong })).toThrow(
    sentence,
  );
});

it.each([
  [[20089, 20120, 20148], 'month'],
  [[20089, 20179, 20270], 'quarter'],
  [[20089, 20454, 20819], 'year'],
  [[20094, 20101, 20108], 'week'],
  [[20089, 20120, 20149], 'day'],
  [[20089, 20120], 'day'],
])('knows by which grain the days %j were recorded', (days, grain) => {
  const frame = aggregate(table(days.map((day) => ({ day, cents: 1n }))), request);
  expect(frame.recordedGrain).toBe(grain);
});

it('does not depend on the order of rows, but for first and last on equal dates', () => {
  const row = fc.record({
    day: fc.integer({ min: 20_000, max: 20_080 }),
    cents: fc.option(fc.bigInt({ min: -(10n ** 6n), max: 10n ** 6n })),
  });
  const shuffled = fc.array(row, { minLength: 1, maxLength: 40 }).chain((rows) =>
    fc.record({
      rows: fc.constant(rows),
      other: fc.shuffledSubarray(rows, { minLength: rows.length, maxLength: rows.length }),
    }),
  );
  const asked = fc.record({
    aggregate: fc.constantFrom(...aggregates),
    grain: fc.constantFrom<Grain>(...grains),
  });
  fc.assert(
    fc.property(shuffled, asked, ({ rows, other }, more) => {
      const days = new Set(rows.map(({ day }) => day));
      const ordered = more.aggregate === 'first' || more.aggregate === 'last';
      if (ordered && days.size < rows.length) return;
      const [one, two] = [rows, other].map((each) =>
        aggregate(table(each), { ...request, ...more }),
      );
      expect(two?.periods).toEqual(one?.periods);
      two?.values[0]?.forEach((figure, place) => {
        const wanted = one?.values[0]?.[place] ?? null;
        // What was divided may differ in its last digit.
        if (figure === null || wanted === null) expect(figure).toBe(wanted);
        else expect(figure).toBeCloseTo(wanted, 6);
      });
    }),
  );
});
