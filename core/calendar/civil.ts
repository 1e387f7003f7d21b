/** A civil date as the number of days since 1 January 1970. It has no time zone. */
export type Day = number;

/** A day as the calendar of ISO 8601 names it. */
export interface CivilDate {
  year: number;
  /** 1 to 12 */
  month: number;
  /** 1 to 31 */
  date: number;
}

/** Days from 1 March of the year 0 to 1 January 1970. */
const marchEpoch = 719_468;
const daysOf400Years = 146_097;

/**
 * The date of a day. Years are counted from March, so that a leap day is the last of its year.
 * Source: Howard Hinnant (2013), chrono-Compatible Low-Level Date Algorithms.
 * @param day days since 1 January 1970
 */
export function civilDate(day: Day): CivilDate {
  const shifted = day + marchEpoch;
  const era = Math.floor(shifted / daysOf400Years);
  const dayOfEra = shifted - era * daysOf400Years;
  const yearOfEra = Math.floor(
    (dayOfEra -
      Math.floor(dayOfEra / 1460) +
      Math.floor(dayOfEra / 36_524) -
      Math.floor(dayOfEra / 146_096)) /
      365,
  );
  const dayOfYear =
    dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const monthFromMarch = Math.floor((5 * dayOfYear + 2) / 153);
  const date = dayOfYear - Math.floor((153 * monthFromMarch + 2) / 5) + 1;
  const month = monthFromMarch < 10 ? monthFromMarch + 3 : monthFromMarch - 9;
  return { year: yearOfEra + era * 400 + (month <= 2 ? 1 : 0), month, date };
}

/**
 * The day of a date that is known to be one; the inverse of civilDate.
 * @param year of the civil calendar
 * @param month 1 to 12
 * @param date 1 to 31, within its month
 */
export function dayOfDate(year: number, month: number, date: number): Day {
  const fromMarch = month <= 2 ? year - 1 : year;
  const era = Math.floor(fromMarch / 400);
  const yearOfEra = fromMarch - era * 400;
  const monthFromMarch = month > 2 ? month - 3 : month + 9;
  const dayOfYear = Math.floor((153 * monthFromMarch + 2) / 5) + date - 1;
  const dayOfEra =
    yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
  return era * daysOf400Years + dayOfEra - marchEpoch;
}

/**
 * The day of a year, month and date.
 * @param year of the civil calendar, negative before the year 0
 * @param month 1 to 12
 * @param date 1 to 31
 * @returns null when there is no such date, as 30 February
 */
export function dayOf(year: number, month: number, date: number): Day | null {
  if (![year, month, date].every(Number.isInteger) || month < 1 || month > 12) return null;
  const day = dayOfDate(year, month, date);
  // A date beyond the end of its month would fall into the next.
  return civilDate(day).month === month ? day : null;
}

/**
 * The day of the week by ISO 8601: 1 is Monday, 7 is Sunday.
 * @param day days since 1 January 1970
 */
export function weekday(day: Day): number {
  // 1 January 1970 was a Thursday.
  return ((((day + 3) % 7) + 7) % 7) + 1;
}

/**
 * The week of ISO 8601 that contains a day, and the year it belongs to: the one of its Thursday.
 * @param day days since 1 January 1970
 */
export function isoWeek(day: Day): { year: number; week: number } {
  const thursday = day - weekday(day) + 4;
  const { year } = civilDate(thursday);
  return { year, week: Math.floor((thursday - dayOfDate(year, 1, 1)) / 7) + 1 };
}

/**
 * Reads a date written as 2026-11-23.
 * @param text four digits, two and two, with hyphens
 * @returns null when it is none
 */
export function parseDay(text: string): Day | null {
  const match = /^(\d{4})-(\d\d)-(\d\d)$/.exec(text);
  return match ? dayOf(Number(match[1]), Number(match[2]), Number(match[3])) : null;
}

/**
 * Writes a day as 2026-11-23; years outside 0 to 9999 by ISO 8601 with their sign and six digits.
 * @param day days since 1 January 1970
 */
export function formatDay(day: Day): string {
  const { year, month, date } = civilDate(day);
  const sign = year < 0 ? '-' : '+';
  const written =
    year >= 0 && year <= 9999
      ? String(year).padStart(4, '0')
      : `${sign}${String(Math.abs(year)).padStart(6, '0')}`;
  return `${written}-${twoDigits(month)}-${twoDigits(date)}`;
}

/**
 * Writes a number of a date with a leading zero.
 * @param number whole, 0 to 99
 */
export const twoDigits = (number: number) => String(number).padStart(2, '0');
