import { parseDay } from '../calendar';
import { drawnChart } from '../figures';
import { testChart, testFrame, testSeries } from '../testing';
import { linesOf, readChart, sayWhy, zoomed } from './index';

const day = (text: string) => parseDay(text) as number;
const months = ['2026-09-01', '2026-10-01', '2026-11-01'].map(day);
const off = { kind: 'mark', is: 'off' } as const;
const rule = { id: 'off', series: 'fares', name: 'under', condition: off, effect: 'line' } as const;

/** Fares of three months against a budget, the third complete up to the 12th of 30 days. */
function read({
  toDate = true,
  november = 41,
  complete = '2026-11-12',
  budget = { values: [[100, 100, 100]], additive: true },
} = {}) {
  const mark = { against: 'budget', good: 'atLeast', ...(toDate ? { toDate } : {}) } as const;
  const chart = drawnChart(
    testChart({
      series: [testSeries('fares', { mark }), testSeries('budget', { role: 'budget' })],
      colourRules: [{ ...rule, colour: 'brick', dash: null, width: null }],
    }),
  );
  const frame = (values: (number | null)[][], additive: boolean, completeTo: number | null) => ({
    ...testFrame({ periods: months, values, completeTo }),
    additive,
    constant: null,
    colourPlaces: [0],
    greyed: [false],
    inInk: [false],
    extent: { from: months[0] as number, to: months[2] as number },
  });
  const reading = readChart(
    chart,
    {
      fares: frame([[90, 110, november]], true, day(complete)),
      budget: frame(budget.values, budget.additive, null),
    },
    { today: day('2026-11-13') },
  );
  const [fares] = linesOf(reading);
  if (!fares?.comparison) throw new Error('not compared');
  return { reading, chart, fares, comparison: fares.comparison };
}

it('leaves the open period unjudged unless it is asked for', () => {
  const { comparison, fares, reading } = read({ toDate: false, november: 39 });
  expect(comparison.judgements).toEqual(['off', 'on', null]);
  expect(fares.caughtBy).toEqual(['off', null, null]);
  expect(reading.remarks).toContain(
    'Nov 2026 is not complete yet: it is drawn lighter and not judged.',
  );
});

it.each([
  // 12 of 30 days: 40 of 100.
  ['over its share', 41, 'on', 1],
  ['on its share', 40, 'on', 0],
  ['under its share', 39, 'off', -1],
])('judges what stands %s of the mark to date', (_how, november, judged, difference) => {
  const { comparison, fares } = read({ november });
  expect(comparison.marks).toEqual([100, 100, 40]);
  expect(comparison.differences[2]).toBeCloseTo(difference, 9);
  expect(comparison.judgements[2]).toBe(judged);
  expect(fares.caughtBy[2]).toBe(judged === 'off' ? 'off' : null);
  // It is drawn lighter all the same, and enters neither spells nor what has run up.
  expect(fares.pieces.some(({ open, rule: caught }) => open && caught === 'off')).toBe(
    judged === 'off',
  );
  expect(comparison.running).toEqual([-10, 0, null]);
  expect(comparison.spells.map(({ to }) => to)).toEqual([0]);
});

it('holds a level against itself on every day', () => {
  const budget = { values: [[100, 100, 100]], additive: false };
  expect(read({ budget }).comparison.marks).toEqual([100, 100, 100]);
});

it('judges nothing where no day is covered yet, or the mark is missing', () => {
  expect(read({ complete: '2026-10-31' }).comparison.judgements[2]).toBeNull();
  const budget = { values: [[100, 100, null]] as unknown as number[][], additive: true };
  expect(read({ budget }).comparison.judgements[2]).toBeNull();
});

it('says what it is held against', () => {
  const { reading, chart, fares } = read({ november: 39 });
  expect(reading.remarks).toContain(
    'Nov 2026 is not complete yet: it is drawn lighter, and held against 40% of budget, its share to date.',
  );
  const near = zoomed(reading, { from: 1, to: 2 });
  expect(linesOf(near)[0]?.comparison?.toDate?.place).toBe(1);
  // A part of a month is on the mark in no month.
  expect(reading.standing).toContain('exactly on budget');
  expect(reading.described).toContain('Nov 2026 judged to date');
  expect(sayWhy(chart, reading, fares, 2)).toContain(
    '39 in Nov 2026, to date, against 40 of budget',
  );
});
