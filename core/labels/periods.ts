import { civilDate, type Day, type Grain, isoWeek, periodKey } from '../calendar';

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** Writes a day as 23 Nov 2026. */
export function writeDay(day: Day): string {
  const { year, month, date } = civilDate(day);
  return `${date} ${months[month - 1]} ${year}`;
}

/** Writes a period in full: 23 Nov 2026, week 48 of 2026, Nov 2026, Q4 2026, 2026. */
export function writePeriod(start: Day, grain: Grain): string {
  if (grain === 'day') return writeDay(start);
  if (grain === 'week') {
    const { year, week } = isoWeek(start);
    return `week ${week} of ${year}`;
  }
  const { year, month } = civilDate(start);
  if (grain === 'month') return `${months[month - 1]} ${year}`;
  if (grain === 'quarter') return `Q${Math.ceil(month / 3)} ${year}`;
  return String(year);
}

/** Writes a period in two lines for the tape: the period itself, and what it is part of. */
export function tapeLabel(start: Day, grain: Grain): { short: string; of: string } {
  if (grain === 'week') {
    const { year, week } = isoWeek(start);
    return { short: `W${week}`, of: String(year) };
  }
  const { year, month, date } = civilDate(start);
  if (grain === 'day') return { short: String(date), of: writePeriod(start, 'month') };
  if (grain === 'month') return { short: months[month - 1] as string, of: String(year) };
  if (grain === 'quarter') return { short: periodKey(start, grain).slice(5), of: String(year) };
  return { short: String(year), of: '' };
}

/** The plural of a grain, with its number: 1 month, 5 months. */
export function countPeriods(number: number, grain: Grain): string {
  return `${number} ${grain}${number === 1 ? '' : 's'}`;
}

/** Writes a period of any year: 23 Nov, Nov, Q4; a year has no other name than itself. */
export function writePeriodOfYear(start: Day, grain: Grain): string {
  const { month, date } = civilDate(start);
  if (grain === 'day') return `${date} ${months[month - 1]}`;
  if (grain === 'month') return months[month - 1] as string;
  if (grain === 'quarter') return `Q${Math.ceil(month / 3)}`;
  return 'the year';
}
