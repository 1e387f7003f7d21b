import { periodsBetween, parseDay, periodStart } from '../calendar';
import { exactSum } from '../values';
import months from '../vectors/spread.json';
import weeks from '../vectors/weeks.json';
import { layWithin } from './layWithin';

const day = (text: string) => parseDay(text.padEnd(10, '-01')) as number;

it.each(months.cases)('spreads $figure over the days of $month', ({ month, figure, ...wanted }) => {
  const start = day(month);
  const recorded = { periods: [start], figures: [Number(figure)], grain: 'month' as const };
  const days = periodsBetween(start, start + 30, 'day').filter(
    (each) => periodStart(each, 'month') === start,
  );
  const parts = layWithin(recorded, days, 'day', 'divided');
  expect(parts).toEqual(wanted.additive.map(Number));
  expect(exactSum(parts)).toBe(Number(figure));
  expect(layWithin(recorded, days, 'day', 'repeated')).toEqual(wanted.rate.map(Number));
});

it.each(weeks.cases)('lays months on weeks, as those of $weeks.0.weekStart', (vector) => {
  const recorded = {
    periods: vector.months.map(({ month }) => day(month)),
    figures: vector.months.map(({ figure }) => Number(figure)),
    grain: 'month' as const,
  };
  const starts = vector.weeks.map(({ weekStart }) => day(weekStart));
  expect(layWithin(recorded, starts, 'week', 'divided')).toEqual(
    vector.weeks.map(({ additive }) => Number(additive)),
  );
  layWithin(recorded, starts, 'week', 'repeated').forEach((level, place) => {
    const wanted = vector.weeks[place]?.level as number;
    expect(Math.abs((level as number) - wanted)).toBeLessThanOrEqual(1e-9 * Math.abs(wanted));
  });
});

it('leaves a week missing of which a day has no figure, and spreads a negative one as exactly', () => {
  const recorded = {
    periods: [day('2026-01'), day('2026-03')],
    figures: [-10, 31],
    grain: 'month' as const,
  };
  const starts = periodsBetween(day('2026-01'), day('2026-03-31'), 'week');
  const laid = layWithin(recorded, starts, 'week', 'divided');
  expect(laid.slice(0, 2)).toEqual([null, -3]);
  expect(laid.slice(4, 9)).toEqual([null, null, null, null, null]);
  const days = periodsBetween(day('2026-01'), day('2026-01-31'), 'day');
  expect(exactSum(layWithin(recorded, days, 'day', 'divided'))).toBe(-10);
});
