import { type Day, dateOfDay, dayOfDate } from './civil';

export const grains = ['day', 'week', 'month', 'quarter', 'year'] as const;

/** The size of a period; weeks are those of ISO 8601 and start on Monday. */
export type Grain = (typeof grains)[number];

/** The first day of the period that contains a day. */
export function periodStart(day: Day, grain: Grain): Day {
  if (grain === 'day') return day;
  const date = dateOfDay(day);
  if (grain === 'week') return day - (date.dayOfWeek - 1);
  if (grain === 'month') return dayOfDate(date.with({ day: 1 }));
  if (grain === 'year') return dayOfDate(date.with({ month: 1, day: 1 }));
  return dayOfDate(date.with({ month: date.month - ((date.month - 1) % 3), day: 1 }));
}

/** The first day of the period after the one that starts on `start`. */
export function nextPeriod(start: Day, grain: Grain): Day {
  if (grain === 'day') return start + 1;
  if (grain === 'week') return start + 7;
  const months = { month: 1, quarter: 3, year: 12 }[grain];
  return dayOfDate(dateOfDay(start).add({ months }));
}

/**
 * The first days of all periods from the one that contains `from` to the one that contains `to`.
 * @param most stops after so many
 */
export function periodsBetween(from: Day, to: Day, grain: Grain, most = Infinity): Day[] {
  const starts: Day[] = [];
  for (
    let start = periodStart(from, grain);
    start <= to && starts.length < most;
    start = nextPeriod(start, grain)
  )
    starts.push(start);
  return starts;
}

/** The period's name by ISO 8601: 2026-11-23, 2026-W48, 2026-11, 2026-Q4, 2026. */
export function periodKey(start: Day, grain: Grain): string {
  const date = dateOfDay(start);
  if (grain === 'week') {
    return `${date.yearOfWeek}-W${String(date.weekOfYear).padStart(2, '0')}`;
  }
  if (grain === 'quarter') return `${date.year}-Q${Math.ceil(date.month / 3)}`;
  return date.toString().slice(0, { day: 10, month: 7, year: 4 }[grain]);
}

/** Where a day stands in a fiscal year, which is named after the year in which it ends. */
export interface FiscalPosition {
  yearEnding: number;
  quarter: number;
  period: number;
}

/** @param startMonth the month that begins the fiscal year, 1 to 12 */
export function fiscalPosition(day: Day, startMonth: number): FiscalPosition {
  const { year, month } = dateOfDay(day);
  const period = ((month - startMonth + 12) % 12) + 1;
  const yearEnding = startMonth > 1 && month >= startMonth ? year + 1 : year;
  return { yearEnding, quarter: Math.ceil(period / 3), period };
}
