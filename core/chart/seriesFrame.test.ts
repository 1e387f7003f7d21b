import fc from 'fast-check';
import { formatDay, type Grain, grains, parseDay, periodsBetween, periodStart } from '../calendar';
import type { Frame } from '../frame';
import { draftChart } from './draft';
import { seriesFrame } from './seriesFrame';

const day = (text: string) => parseDay(text) as number;
const months = ['2026-01-01', '2026-02-01', '2026-03-01', '2026-04-01'].map(day);
const frame: Frame = {
  periods: months,
  keys: ['East', 'North', 'West'],
  values: [
    [1, null, null, null],
    [null, 2, 3, null],
    [null, null, 4, 5],
  ],
  exact: true,
  completeTo: day('2026-04-20'),
  recordedGrain: 'day',
};
const chart = draftChart({ id: 1, columns: [{ name: 'Day', kind: 'date' }] });
const counted = chart.series[0] as (typeof chart.series)[0];
const split = { ...counted, split: { column: 'Route', order: ['West', 'Gone', 'North'] } };
const span = (from: string | null, to: string | null) => ({ ...chart, span: { from, to } });

it('draws all of it, in the order of the series, without a span', () => {
  const drawn = seriesFrame(chart, split, frame);
  expect(drawn.keys).toEqual(['West', 'North', 'East']);
  expect(drawn.values[2]).toEqual([1, null, null, null]);
  expect([drawn.places, drawn.words, drawn.completeTo]).toEqual([[0, 1, 2], 3, frame.completeTo]);
  expect(drawn.extent).toEqual({ from: months[0], to: months[3] });
});

it.each([
  ['from the middle of a month', span('2026-02-15', null), ['West', 'North'], [1, 3], '2026-04-20'],
  ['to the middle of a month', span(null, '2026-02-10'), ['North', 'East'], [0, 1], '2026-02-28'],
  ['within', span('2026-02-01', '2026-02-01'), ['North'], [1, 1], '2026-02-28'],
  [
    'beyond both ends',
    span('2020-01-01', '2030-01-01'),
    ['West', 'North', 'East'],
    [0, 3],
    '2026-04-20',
  ],
] as const)('cuts it %s', (_, cut, keys, [first, last], completeTo) => {
  const drawn = seriesFrame(cut, split, frame);
  expect(drawn.keys).toEqual(keys);
  expect(drawn.extent).toEqual({ from: months[first], to: months[last] });
  expect(drawn.periods).toEqual(months.slice(first, last + 1));
  expect(formatDay(drawn.completeTo as number)).toBe(completeTo);
});

it('has nothing where the span lies beside it, and keeps the line of a series without a split', () => {
  const beside = seriesFrame(span('2027-01-01', null), split, frame);
  expect([beside.extent, beside.keys, beside.periods]).toEqual([null, [], []]);
  const alone = seriesFrame(span('2026-04-01', null), counted, {
    ...frame,
    keys: [''],
    values: [[1, null, null, null]],
  });
  expect([alone.keys, alone.values]).toEqual([[''], [[null]]]);
});

it('keeps the level that holds when the span begins, and no sum that cannot be told apart', () => {
  const quarterly = { ...frame, keys: [''], values: [[7, 8]], recordedGrain: 'quarter' as const };
  const from = span('2026-02-01', null);
  const quarters = { ...quarterly, periods: [day('2026-01-01'), day('2026-04-01')] };
  const level = { ...counted, figures: { ...counted.figures, aggregate: 'mean' as const } };
  const held = seriesFrame(from, level, quarters);
  expect([held.values, held.extent?.from]).toEqual([[[7, 8]], day('2026-02-01')]);
  const sum = { ...counted, figures: { ...counted.figures, aggregate: 'sum' as const } };
  const none = seriesFrame(from, sum, quarters);
  expect([none.values, none.extent, none.recordedGrain]).toEqual([[[]], null, 'quarter']);
});

it('lets nothing out of the span through, at any grain', () => {
  const days = fc.integer({ min: 20_400, max: 20_900 });
  fc.assert(
    fc.property(days, days, fc.constantFrom<Grain>(...grains), (from, to, grain) => {
      const periods = periodsBetween(20_400, 20_900, grain);
      const all = { ...frame, periods, keys: [''], values: [periods.map((start) => start)] };
      const cut = { grain, span: { from: formatDay(from), to: formatDay(to) } };
      const drawn = seriesFrame(cut, counted, all);
      const wanted = periods.filter(
        (start) => start >= periodStart(from, grain) && start <= periodStart(to, grain),
      );
      expect([drawn.periods, drawn.values]).toEqual([wanted, [wanted]]);
    }),
  );
});
