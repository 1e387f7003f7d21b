import { type Day, dayOf } from './civil';
import { dayInZone } from './zone';

/** How dates are written in a file; D, M and Y stand for day, month and year. */
export const datePatterns = [
  'YYYY-MM-DD',
  'DD.MM.YYYY',
  'DD/MM/YYYY',
  'MM/DD/YYYY',
  'DD-MM-YYYY',
  'YYYY/MM/DD',
  'YYYY.MM.DD',
  'YYYYMMDD',
  'YYYY-MM',
  'MM.YYYY',
  'MM/YYYY',
  'DD MMM YYYY',
  'MMM YYYY',
] as const;
export type DatePattern = (typeof datePatterns)[number];

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

const expressions = Object.fromEntries(
  datePatterns.map((pattern) => [pattern, expressionOf(pattern)]),
) as Record<DatePattern, RegExp>;

/** Digits may lack their leading zero where a mark stands between them. */
function expressionOf(pattern: DatePattern): RegExp {
  const digits = pattern === 'YYYYMMDD' ? '{2}' : '{1,2}';
  const body = pattern
    .replace(/[./]/g, '\\$&')
    .replace('YYYY', '(?<year>\\d{4})')
    .replace('MMM', '(?<name>\\p{L}{3})\\p{L}*')
    .replace('MM', `(?<month>\\d${digits})`)
    .replace('DD', `(?<date>\\d${digits})`);
  // A time may follow; where it names an offset the zone decides the date.
  return new RegExp(
    `^${body}(?<time>[T ]\\d\\d?:\\d\\d(:\\d\\d(\\.\\d+)?)?)?(?<offset>Z|[+-]\\d\\d:?\\d\\d)?$`,
    'u',
  );
}

/**
 * Reads a date written by a pattern. A month alone is its first day.
 * @param zone the source's time zone, which turns a date-time with an offset into a civil date
 * @returns null when the text is no such date
 */
export function readDate(text: string, pattern: DatePattern, zone: string): Day | null {
  const groups = expressions[pattern].exec(text.trim())?.groups;
  if (!groups) return null;
  const month = groups.name ? months.indexOf(groups.name.toLowerCase()) + 1 : Number(groups.month);
  const day = dayOf(Number(groups.year), month, Number(groups.date ?? 1));
  if (day === null || !groups.offset) return day;
  const time = groups.time?.trim().replace('T', '') ?? '00:00';
  const midnight = new Date(day * 86_400_000).toISOString().slice(0, 10);
  const offset = groups.offset.replace(/^([+-]\d\d):?(\d\d)$/, '$1:$2');
  const instant = new Date(`${midnight}T${time.padStart(5, '0')}${offset}`);
  return Number.isNaN(instant.getTime()) ? null : dayInZone(instant, zone);
}
