import { type Grain, parseDay, periodsBetween } from '../calendar';
import vectors from '../vectors/lines.json';
import { type DerivedDefinition, derivedKind } from './index';

const day = (text: string) => parseDay(text) as number;

function derive(
  derived: DerivedDefinition,
  values: (number | null)[],
  { first = '2025-01-01', grain = 'month' as Grain, yearStart = 1 } = {},
) {
  const from = day(first);
  const periods = periodsBetween(from, from + 40_000, grain, values.length);
  const series = { periods, grain, yearStart, lines: [values], exact: true, additive: true };
  return derivedKind(derived).derive(series, derived).lines[0];
}

it.each(vectors.cases)('derives the lines worked out independently, from $months.0', (vector) => {
  const { values, fiscalYearStart: yearStart } = vector;
  const given = { first: `${vector.months[0]}-01`, yearStart };
  const near = (found: readonly (number | null)[] = [], wanted: (number | null)[], times = 1) => {
    expect(found).toHaveLength(wanted.length);
    wanted.forEach((each, place) => {
      if (each === null) expect(found[place]).toBeNull();
      else expect(found[place]).toBeCloseTo(each * times, 9);
    });
  };
  const of = (derived: DerivedDefinition) => derive(derived, values, given);
  near(of({ kind: 'runningTotal', anew: 'never' }), vector.runningTotal);
  near(of({ kind: 'runningTotal', anew: 'eachYear' }), vector.runningTotalPerFiscalYear);
  near(of({ kind: 'change', on: 'periodBefore', as: 'difference' }), vector.change);
  near(of({ kind: 'movingMean', periods: 3 }), vector.movingMean3);
  near(of({ kind: 'yearBefore' }), vector.sameMonthYearBefore);
  near(of({ kind: 'change', on: 'yearBefore', as: 'percent' }), vector.changeOnYearBefore, 100);
});

it('compares no 29 February and no week 53 with a year that has none', () => {
  const count = (length: number) => Array.from({ length }, (_, at) => at);
  const days = derive({ kind: 'yearBefore' }, count(500), { first: '2023-01-01', grain: 'day' });
  const leap = day('2024-02-29') - day('2023-01-01');
  expect(days?.slice(leap - 1, leap + 2)).toEqual([58, null, 59]);
  const weeks = derive({ kind: 'yearBefore' }, count(110), { first: '2026-01-01', grain: 'week' });
  // 2026 has a week 53, and 2025 has none.
  expect(weeks?.slice(51, 55)).toEqual([null, null, 0, 1]);
});

it('finds each line its share of the total, and none where nothing is', () => {
  const share = derivedKind({ kind: 'share' });
  const lines = [
    [1, null, 0, -3],
    [3, 4, 0, 1],
  ];
  const series = { periods: [0, 1, 2, 3], grain: 'day', yearStart: 1, exact: true, additive: true };
  expect(share.derive({ ...series, lines } as never, { kind: 'share' }).lines).toEqual([
    [25, null, null, -150],
    [75, 100, null, 50],
  ]);
});
