import {
  civilDate,
  type Day,
  fiscalPosition,
  formatDay,
  type Grain,
  isoWeek,
  periodKey,
  twoDigits,
} from '../calendar';
import { shortMonthNames } from './names';

export const dateStyles = ['words', 'dayFirst', 'monthFirst', 'iso'] as const;

/** How dates are written: 23 Nov 2026, 23.11.2026, 11/23/2026 or 2026-11-23. */
export type DateStyle = (typeof dateStyles)[number];

/** How periods are named. */
export interface PeriodStyle {
  dates: DateStyle;
  /** the month that begins a year, 1 to 12: quarters are named by the fiscal year when they fit it */
  yearStart: number;
}

const plainPeriods: PeriodStyle = { dates: 'words', yearStart: 1 };

/**
 * Writes a day, as 23 Nov 2026 unless told otherwise.
 * @param style words, or digits in an order
 */
export function writeDay(day: Day, style: DateStyle = 'words'): string {
  const { year, month, date } = civilDate(day);
  if (style === 'iso') return formatDay(day);
  if (style === 'dayFirst') return `${twoDigits(date)}.${twoDigits(month)}.${year}`;
  if (style === 'monthFirst') return `${twoDigits(month)}/${twoDigits(date)}/${year}`;
  return `${date} ${shortMonthNames[month - 1]} ${year}`;
}

/**
 * Writes a period in full: 23 Nov 2026, week 48 of 2026, Nov 2026, Q4 2026, 2026; quarters of fiscal
 * years as Q3 FY2027.
 * @param start the first day of the period
 */
export function writePeriod(
  start: Day,
  grain: Grain,
  { dates, yearStart }: PeriodStyle = plainPeriods,
): string {
  if (grain === 'day') return writeDay(start, dates);
  if (grain === 'quarter') return `Q${quarterOf(start, yearStart).join(' ')}`;
  if (dates === 'iso') return periodKey(start, grain);
  if (grain === 'week') {
    const { year, week } = isoWeek(start);
    return `week ${week} of ${year}`;
  }
  const { year, month } = civilDate(start);
  if (grain === 'year') return String(year);
  if (dates === 'dayFirst') return `${twoDigits(month)}.${year}`;
  return dates === 'monthFirst'
    ? `${twoDigits(month)}/${year}`
    : `${shortMonthNames[month - 1]} ${year}`;
}

/** The number of a quarter and the year it is part of, in words. */
function quarterOf(start: Day, yearStart: number): [number: number, year: string] {
  const { year, month } = civilDate(start);
  // Calendar quarters are those of a fiscal year only when it begins with one.
  if (yearStart === 1 || yearStart % 3 !== 1) return [Math.ceil(month / 3), String(year)];
  const { quarter, yearEnding } = fiscalPosition(start, yearStart);
  return [quarter, `FY${yearEnding}`];
}

/**
 * Writes a period in two lines for the tape: the period itself, and what it is part of.
 * @param start the first day of the period
 */
export function tapeLabel(
  start: Day,
  grain: Grain,
  { dates, yearStart }: PeriodStyle = plainPeriods,
): { short: string; of: string } {
  if (grain === 'week') {
    const { year, week } = isoWeek(start);
    return { short: `W${week}`, of: String(year) };
  }
  const { year, month, date } = civilDate(start);
  if (grain === 'day')
    return { short: String(date), of: writePeriod(start, 'month', { dates, yearStart }) };
  if (grain === 'month')
    return {
      short: dates === 'words' ? (shortMonthNames[month - 1] as string) : twoDigits(month),
      of: String(year),
    };
  if (grain === 'quarter') {
    const [quarter, of] = quarterOf(start, yearStart);
    return { short: `Q${quarter}`, of };
  }
  return { short: String(year), of: '' };
}

/**
 * The plural of what stands along an axis, with its number: 1 month, 5 months, 3 places.
 * @param number whole
 * @param unit of one, as in "month"
 */
export function countPeriods(number: number, unit: string): string {
  return `${number} ${unit}${number === 1 ? '' : 's'}`;
}

/**
 * Writes a period of any year: 23 Nov, Nov, Q4; a year has no other name than itself.
 * @param start the first day of the period
 */
export function writePeriodOfYear(start: Day, grain: Grain): string {
  const { month, date } = civilDate(start);
  if (grain === 'day') return `${date} ${shortMonthNames[month - 1]}`;
  if (grain === 'month') return shortMonthNames[month - 1] as string;
  if (grain === 'quarter') return `Q${Math.ceil(month / 3)}`;
  return 'the year';
}
