import fc from 'fast-check';
import vectors from '../vectors/calendar.json';
import { dayInZone, formatDay, parseDay } from './civil';
import { readDate } from './datePattern';
import {
  fiscalPosition,
  grains,
  nextPeriod,
  periodKey,
  periodsBetween,
  periodStart,
} from './periods';

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
] as const)('reads %s by %s', (text, pattern, wanted) => {
  const found = readDate(text, pattern, 'Europe/Helsinki');
  expect(found === null ? null : formatDay(found)).toBe(wanted);
});

it('knows today in the zone it is asked for', () => {
  const instant = new Date('2026-11-23T23:30:00Z');
  expect(formatDay(dayInZone(instant, 'Europe/Helsinki'))).toBe('2026-11-24');
  expect(formatDay(dayInZone(instant, 'Atlantic/Azores'))).toBe('2026-11-23');
});
