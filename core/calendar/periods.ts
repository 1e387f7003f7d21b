import { civilDate, type Day, dayOfDate, formatDay, isoWeek, twoDigits, weekday } from './civil';

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

/** The first day of the period after the one that starts on `start`. */
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

/** The period's name by ISO 8601: 2026-11-23, 2026-W48, 2026-11, 2026-Q4, 2026. */
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
