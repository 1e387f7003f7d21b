import { dateOfDay, type Day, type Grain, periodKey } from '../calendar';

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** Writes a day as 23 Nov 2026. */
export function writeDay(day: Day): string {
  const date = dateOfDay(day);
  return `${date.day} ${months[date.month - 1]} ${date.year}`;
}

/** Writes a period in full: 23 Nov 2026, week 48 of 2026, Nov 2026, Q4 2026, 2026. */
export function writePeriod(start: Day, grain: Grain): string {
  const date = dateOfDay(start);
  if (grain === 'day') return writeDay(start);
  if (grain === 'week') return `week ${date.weekOfYear} of ${date.yearOfWeek}`;
  if (grain === 'month') return `${months[date.month - 1]} ${date.year}`;
  if (grain === 'quarter') return `Q${Math.ceil(date.month / 3)} ${date.year}`;
  return String(date.year);
}

/** Writes a period in two lines for the tape: the period itself, and what it is part of. */
export function tapeLabel(start: Day, grain: Grain): { short: string; of: string } {
  const date = dateOfDay(start);
  if (grain === 'day') return { short: String(date.day), of: writePeriod(start, 'month') };
  if (grain === 'week') return { short: `W${date.weekOfYear}`, of: String(date.yearOfWeek) };
  if (grain === 'month') return { short: months[date.month - 1] as string, of: String(date.year) };
  if (grain === 'quarter')
    return { short: periodKey(start, grain).slice(5), of: String(date.year) };
  return { short: String(date.year), of: '' };
}

/** The plural of a grain, with its number: 1 month, 5 months. */
export function countPeriods(number: number, grain: Grain): string {
  return `${number} ${grain}${number === 1 ? '' : 's'}`;
}
