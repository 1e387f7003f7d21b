import {
  civilDate,
  type Day,
  dayOf,
  dayOfDate,
  formatDay,
  isoWeek,
  twoDigits,
  weekday,
} from './civil';

export const grains = ['day', 'week', 'month', 'quarter', 'year'] as const;

/** The size of a period; weeks are those of ISO 8601 and start on Monday. */
export type Grain = (typeof grains)[number];

/** The first day of the period that contains a day. */
export function periodStart(day: Day, grain: Grain): Day {
  if (grain === 'day') return day;
  if (grain === 'week') return day - (weekday(day) - 1);
  const { year, month, date } = civilDate(day);
  if (grain === 'month') return day - date + 1;
  return dayOfDate(year, grain === 'year' ? 1 : month - ((month - 1) % 3), 1);
}

/**
 * The first day of the period after the one that starts on `start`.
 * @param start the first day of a period
 */
export function nextPeriod(start: Day, grain: Grain): Day {
  if (grain === 'day') return start + 1;
  if (grain === 'week') return start + 7;
  const { year, month } = civilDate(start);
  const next = month + { month: 1, quarter: 3, year: 12 }[grain];
  return next > 12 ? dayOfDate(year + 1, next - 12, 1) : dayOfDate(year, next, 1);
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

/**
 * The period's name by ISO 8601: 2026-11-23, 2026-W48, 2026-11, 2026-Q4, 2026.
 * @param start the first day of a period
 */
export function periodKey(start: Day, grain: Grain): string {
  if (grain === 'week') {
    const { year, week } = isoWeek(start);
    return `${year}-W${twoDigits(week)}`;
  }
  if (grain === 'quarter') {
    const { year, month } = civilDate(start);
    return `${year}-Q${Math.ceil(month / 3)}`;
  }
  return formatDay(start).slice(0, { day: 10, month: 7, year: 4 }[grain]);
}

/** Where a day stands in a fiscal year, which is named after the year in which it ends. */
export interface FiscalPosition {
  yearEnding: number;
  quarter: number;
  period: number;
}

/** @param startMonth the month that begins the fiscal year, 1 to 12 */
export function fiscalPosition(day: Day, startMonth: number): FiscalPosition {
  const { year, month } = civilDate(day);
  const period = ((month - startMonth + 12) % 12) + 1;
  const yearEnding = startMonth > 1 && month >= startMonth ? year + 1 : year;
  return { yearEnding, quarter: Math.ceil(period / 3), period };
}

/**
 * The period of the year before that a period is compared with: the same month, quarter, date, or
 * week by its number.
 * @param start the first day of a period
 * @returns null for a 29 February or a week 53 that the year before does not have
 */
export function yearBefore(start: Day, grain: Grain): Day | null {
  if (grain === 'week') {
    const { year, week } = isoWeek(start);
    const before = periodStart(dayOfDate(year - 1, 1, 4), 'week') + (week - 1) * 7;
    return isoWeek(before).year === year - 1 ? before : null;
  }
  const { year, month, date } = civilDate(start);
  return dayOf(year - 1, month, date);
}

/**
 * The year that a day belongs to, where years begin in any month: named after the one in which it
 * ends.
 * @param startMonth 1 to 12
 */
export function yearOf(day: Day, startMonth: number): number {
  return fiscalPosition(day, startMonth).yearEnding;
}

/**
 * The first day of a year that begins in any month, by the name of the year in which it ends.
 * @param yearEnding the civil year of its last day
 * @param startMonth 1 to 12
 */
export function yearStartDay(yearEnding: number, startMonth: number): Day {
  return dayOfDate(startMonth > 1 ? yearEnding - 1 : yearEnding, startMonth, 1);
}
