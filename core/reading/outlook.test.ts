import { parseDay, periodsBetween } from '../calendar';
import { chartFrames, drawnChart } from '../figures';
import { type GoodSide } from '../chart';
import { testChart, testFrame, testSeries } from '../testing';
import { linesOf } from './words';
import { readChart } from './readChart';

const day = (text: string) => parseDay(text) as number;

/** Reads monthly actuals of 2026 held against a plan of 100 a month. */
function read(
  actual: (number | null)[],
  { good = 'atLeast' as GoodSide, months = 12, aggregate = 'sum' as 'sum' | 'mean' } = {},
) {
  const periods = periodsBetween(day('2026-01-01'), day('2026-12-31'), 'month');
  const of = (id: string, more: object) => {
    const series = testSeries(id, more);
    return { ...series, figures: { ...series.figures, aggregate } } as typeof series;
  };
  const chart = testChart({
    series: [
      of('Fares', { mark: { against: 'Plan', good } }),
      of('Plan', { role: 'budget', mark: null }),
    ],
  });
  const next = periods[actual.length] ?? day('2027-01-01');
  const aggregated = {
    Fares: testFrame({
      periods: periods.slice(0, actual.length),
      values: [actual],
      completeTo: next - 1,
    }),
    Plan: testFrame({
      periods: periods.slice(0, months),
      values: [periods.slice(0, months).map(() => 100)],
    }),
  };
  const today = next + 3;
  const { frames } = chartFrames(chart, aggregated, today);
  return readChart(drawnChart(chart), frames, { today });
}

it('tells the spells, the latest first, and what is needed to reach the mark', () => {
  const { outlook, summary } = read([90, 80, 120, 100, 70, 95, 85]);
  expect(outlook).toEqual([
    'Fares was under Plan for 3 months (May 2026 to Jul 2026, 50 short and still is), for 2 months (Jan 2026 to Feb 2026, 30 short).',
    'To reach the Plan of 2026, 1,200, Fares needs 112 a month for the 5 months left; at the present rate it lands at 1,097.',
  ]);
  expect(outlook.every((sentence) => summary.includes(sentence))).toBe(true);
});

it.each<[string, (number | null)[], Parameters<typeof read>[1], string | undefined]>([
  [
    'reached',
    Array(8).fill(200),
    {},
    'Fares has reached the Plan of 2026, 1,200, with the 4 months left',
  ],
  ['ended short', Array(12).fill(90), {}, 'Fares has ended short of the Plan of 2026, 1,200.'],
  [
    'spending',
    Array(6).fill(90),
    { good: 'atMost' },
    'Of the Plan of 2026, 1,200, 110 a month may still go into the 6 months left',
  ],
  [
    'spent',
    Array(6).fill(250),
    { good: 'atMost' },
    'Fares has used up the Plan of 2026, 1,200, with the 6 months left',
  ],
  ['what does not add up', Array(6).fill(90), { aggregate: 'mean' }, undefined],
  ['a year that is not shown to its end', Array(6).fill(90), { months: 9 }, undefined],
])('says the pace of %s', (_, actual, more, wanted) => {
  const paces = read(actual, more).outlook.filter((sentence) => sentence.includes('Plan of 2026'));
  expect(paces.map((sentence) => sentence.slice(0, wanted?.length))).toEqual(
    wanted ? [wanted] : [],
  );
});

it('counts the open period whole among those left', () => {
  const reading = read([100, 100, 100]);
  const [line] = linesOf(reading);
  expect(line?.pace).toMatchObject({
    done: 300,
    periodsLeft: 9,
    neededPerPeriodLeft: 100,
    year: 2026,
  });
});
