import fc from 'fast-check';
import vectors from '../vectors/calendar.json';
import recorded from '../vectors/recorded.json';
import { Temporal } from 'temporal-polyfill';
import { civilDate, dayOf, formatDay, isoWeek, parseDay, weekday } from './civil';
import { readDate } from './readDate';
import {
  fiscalPosition,
  grains,
  nextPeriod,
  periodKey,
  periodsBetween,
  periodStart,
} from './periods';
import { recordingOf } from './recording';
import { dayInZone } from './zone';

const day = (text: string) => parseDay(text) as number;

it.each(vectors.cases)('puts $date where it belongs', (example) => {
  const date = day(example.date);
  const key = (grain: 'week' | 'month' | 'quarter') => periodKey(periodStart(date, grain), grain);
  expect([key('week'), key('month'), key('quarter')]).toEqual([
    example.isoWeek,
    example.month,
    example.quarter,
  ]);
  expect(formatDay(periodStart(date, 'week'))).toBe(example.weekStart);
  for (const [start, wanted] of Object.entries(example.fiscal))
    expect(fiscalPosition(date, Number(start))).toEqual(wanted);
});

it('agrees with the calendar of the platform on every day of ten thousand years', () => {
  const epoch = Temporal.PlainDate.from('1970-01-01');
  const leapEnds = ['1900-02-28', '1999-12-31', '2000-02-29', '2023-12-31', '2024-02-29'];
  const days = fc.oneof(
    fc.integer({ min: -1_500_000, max: 2_900_000 }),
    fc.constantFrom(...leapEnds.map(day)).chain((at) => fc.integer({ min: at - 2, max: at + 2 })),
  );
  fc.assert(
    fc.property(days, (number) => {
      const wanted = epoch.add({ days: number });
      const { year, month, date } = civilDate(number);
      expect([year, month, date]).toEqual([wanted.year, wanted.month, wanted.day]);
      expect(dayOf(year, month, date)).toBe(number);
      expect([weekday(number), isoWeek(number)]).toEqual([
        wanted.dayOfWeek,
        { year: wanted.yearOfWeek, week: wanted.weekOfYear },
      ]);
      expect(formatDay(number)).toBe(wanted.toString());
    }),
    { numRuns: 500 },
  );
});

it.each([
  [2026, 0, 1],
  [2026, 13, 1],
  [2026, 4, 31],
  [2023, 2, 29],
  [1900, 2, 29],
  [2026, 1, 0],
  [NaN, 1, 1],
  [2026, 1.5, 1],
])('knows that there is no day %d-%d-%d', (...date) => {
  expect(dayOf(...date)).toBeNull();
});

it('cuts time into periods without gap or overlap', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -40000, max: 40000 }),
      fc.constantFrom(...grains),
      (date, grain) => {
        const start = periodStart(date, grain);
        const next = nextPeriod(start, grain);
        expect(start <= date && date < next).toBe(true);
        expect(periodStart(next - 1, grain)).toBe(start);
        expect(periodStart(next, grain)).toBe(next);
      },
    ),
  );
  expect(periodsBetween(day('2026-01-15'), day('2026-03-01'), 'month').map(formatDay)).toEqual([
    '2026-01-01',
    '2026-02-01',
    '2026-03-01',
  ]);
});

it.each([
  ['23.11.2026', 'DD.MM.YYYY', '2026-11-23'],
  ['1.2.2026', 'DD.MM.YYYY', '2026-02-01'],
  ['02/28/2026', 'MM/DD/YYYY', '2026-02-28'],
  ['2026-02', 'YYYY-MM', '2026-02-01'],
  ['29.02.2024', 'DD.MM.YYYY', '2024-02-29'],
  ['29.02.2026', 'DD.MM.YYYY', null],
  ['31.04.2026', 'DD.MM.YYYY', null],
  ['2026-13-01', 'YYYY-MM-DD', null],
  ['5 March 2026', 'DD MMM YYYY', '2026-03-05'],
  ['2026-03-05 23:30', 'YYYY-MM-DD', '2026-03-05'],
  ['2026-03-05T23:30:00Z', 'YYYY-MM-DD', '2026-03-06'],
  ['2026-03-05T23:30+02:00', 'YYYY-MM-DD', '2026-03-05'],
  ['next week', 'YYYY-MM-DD', null],
  ['11/24/2026 11:30 PM +00:00', 'MM/DD/YYYY', '2026-11-25'],
  ['31.12.69', 'DD.MM.YY', '2069-12-31'],
  ['1.1.70', 'DD.MM.YY', '1970-01-01'],
  ['Jan 24', 'MMM YY', '2024-01-01'],
  ["Mrz '24", 'MMM YY', '2024-03-01'],
  ['août-2024', 'MMM YYYY', '2024-08-01'],
  ['Smarch 2024', 'MMM YYYY', null],
  ['March 5th, 2026', 'MMM DD YYYY', '2026-03-05'],
  ['202402', 'YYYYMM', '2024-02-01'],
  ['20242', 'YYYYMM', null],
  ['2024-W05', 'YYYY-Www', '2024-01-29'],
  ['2026-W53', 'YYYY-Www', '2026-12-28'],
  ['2025-W53', 'YYYY-Www', null],
  ['W1 2021', 'Www YYYY', '2021-01-04'],
  ['Q1 2024', 'Qn YYYY', '2024-01-01'],
  ['2024-Q3', 'YYYY Qn', '2024-07-01'],
  ['Q5 2024', 'Qn YYYY', null],
  ['FY24 Q1', 'FYYYYY Qn', '2023-04-01'],
  ['Q4 FY2024', 'Qn FYYYYY', '2024-01-01'],
  ['2024', 'YYYY', '2024-01-01'],
  ['45292', 'serial 1900', '2024-01-01'],
  ['59', 'serial 1900', '1900-02-28'],
  ['43830.75', 'serial 1904', '2024-01-01'],
] as const)('reads %s by %s', (text, pattern, wanted) => {
  const found = readDate(text, pattern, { zone: 'Europe/Helsinki', fiscalStart: 4 });
  expect(found === null ? null : formatDay(found)).toBe(wanted);
});

it('knows today in the zone it is asked for', () => {
  const instant = new Date('2026-11-23T23:30:00Z');
  expect(formatDay(dayInZone(instant, 'Europe/Helsinki'))).toBe('2026-11-24');
  expect(formatDay(dayInZone(instant, 'Atlantic/Azores'))).toBe('2026-11-23');
});

it.each(recorded.cases)(
  'knows up to when a source of $dates.length dates is complete',
  (example) => {
    const { by, standsOn, completeTo } = recordingOf(example.dates.map(day));
    expect([by, standsOn, completeTo === null ? null : formatDay(completeTo)]).toEqual([
      example.recordedBy,
      example.standsOn,
      example.completeUpTo,
    ]);
  },
);

it.each([
  [['2024-01-01', '2025-01-01'], 'YYYY', 'year', '2025-12-31'],
  [['2026-03-01'], 'YYYY-MM', 'month', '2026-03-31'],
  [['2026-01-01', '2026-04-01'], 'Qn YY', 'quarter', '2026-06-30'],
  [['2026-01-05'], 'YYYY-Www', 'week', '2026-01-11'],
  [['2026-01-01', '2026-02-01'], 'YYYY-MM-DD', 'day', '2026-02-01'],
  // Quarters may be written as their first months, once there are enough to tell.
  [['2025-10-01', '2026-01-01', '2026-04-01'], 'YYYY-MM', 'quarter', '2026-06-30'],
] as const)('is not short of what %j, written as %s, is recorded by', (days, pattern, by, to) => {
  const found = recordingOf(days.map(day), pattern);
  expect([found.by, formatDay(found.completeTo ?? 0)]).toEqual([by, to]);
});
