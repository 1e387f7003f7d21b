import { type Day, dayOf, dayOfDate, isoWeek, weekday } from './civil';
import { type DatePattern, datePatterns, isFiscal } from './datePatterns';
import { monthNamed } from './monthNames';
import { dayInZone } from './zone';

/** What is needed beside the text to know the day. */
export interface DateContext {
  /** turns a date-time with an offset into a civil date */
  zone: string;
  /** the month that begins the fiscal year, 1 to 12 */
  fiscalStart?: number;
}

type Groups = Record<string, string | undefined>;

/** The parts of patterns, longest first, and what is written for each. */
const parts: [token: string, expression: string][] = [
  ['FYYYYY', "FY ?'?(?:(?<year>\\d{4})|(?<short>\\d{2}))(?:/\\d{2,4})?"],
  ['YYYY', '(?<year>\\d{4})'],
  ['YY', "['’]?(?<short>\\d{2})"],
  ['MMM', '(?<name>\\p{L}{3,}\\.?)'],
  ['MM', '(?<month>\\d{1,2})'],
  ['DD', '(?<date>\\d{1,2})(?:st|nd|rd|th)?'],
  ['Www', 'W(?<week>\\d{1,2})'],
  ['Qn', 'Q(?<quarter>[1-4])'],
  ['.', '\\.'],
  ['-', '-'],
  ['/', '/'],
  [' ', '[\\s\\-/.,]{0,3}'],
];

const dateTime =
  '(?<time>[T ]+\\d\\d?:\\d\\d(?::\\d\\d(?:[.,]\\d+)?)?)?(?:\\s?(?<half>[ap])\\.?m\\.?)?\\s?(?<offset>Z|UTC|[+-]\\d\\d:?\\d\\d)?';

const expressions = new Map(datePatterns.map((pattern) => [pattern, expressionOf(pattern)]));

function expressionOf(pattern: DatePattern): RegExp {
  if (pattern.startsWith('serial')) return /^(?<serial>\d{1,6}([.,]\d+)?)$/;
  let rest: string = pattern;
  let body = '';
  while (rest) {
    const [token, expression] = parts.find(([start]) => rest.startsWith(start)) ?? [rest, rest];
    // Where no mark stands between the parts, each has all its digits.
    const tight = pattern === 'YYYYMMDD' || pattern === 'YYYYMM';
    body += tight ? expression.replace('{1,2}', '{2}') : expression;
    rest = rest.slice(token.length);
  }
  return new RegExp(`^${body}${pattern.includes('DD') ? dateTime : ''}$`, 'iu');
}

/** A longer text is no date, and no pattern looks at it. */
const longestDate = 60;

/**
 * Reads a date written by a pattern.
 * @param text trimmed
 * @param pattern the form in which the column writes dates
 * @param context where fiscal years begin, and the zone of date-times
 * @returns null when the text is no such date
 */
export function readDate(text: string, pattern: DatePattern, context: DateContext): Day | null {
  const written = text.trim();
  if (written.length > longestDate) return null;
  const groups = expressions.get(pattern)?.exec(written)?.groups;
  if (!groups) return null;
  if (groups.serial) return serialDay(Number(groups.serial.replace(',', '.')), pattern);
  const year = yearOf(groups);
  if (groups.quarter) return quarterDay(year, Number(groups.quarter), pattern, context);
  if (groups.week) return weekDay(year, Number(groups.week));
  const month = groups.name ? monthNamed(groups.name) : Number(groups.month ?? 1);
  const day = month === null ? null : dayOf(year, month, Number(groups.date ?? 1));
  return day === null || !groups.offset ? day : dayOfInstant(day, groups, context.zone);
}

/** Two digits mean the years 1970 to 2069. */
function yearOf({ year, short }: Groups): number {
  if (year !== undefined) return Number(year);
  const digits = Number(short);
  return digits < 70 ? 2000 + digits : 1900 + digits;
}

/** Days counted from the end of 1899, or from the start of 1904, as spreadsheets do. */
function serialDay(serial: number, pattern: DatePattern): Day | null {
  const epoch = pattern === 'serial 1904' ? dayOfDate(1904, 1, 1) : dayOfDate(1899, 12, 30);
  // Spreadsheets count a 29 February 1900 that never was: days before it are one off.
  const early = pattern === 'serial 1900' && serial < 60 ? 1 : 0;
  return serial < 1 && pattern === 'serial 1900' ? null : epoch + Math.floor(serial) + early;
}

function quarterDay(
  year: number,
  quarter: number,
  pattern: DatePattern,
  { fiscalStart = 1 }: DateContext,
): Day {
  if (!isFiscal(pattern)) return dayOfDate(year, quarter * 3 - 2, 1);
  const month = fiscalStart - 1 + (quarter - 1) * 3;
  const begins = fiscalStart > 1 ? year - 1 : year;
  return dayOfDate(begins + Math.floor(month / 12), (month % 12) + 1, 1);
}

/** The Monday of a week of ISO 8601; null when the year has no such week. */
function weekDay(year: number, week: number): Day | null {
  const fourth = dayOfDate(year, 1, 4);
  const monday = fourth - weekday(fourth) + 1 + (week - 1) * 7;
  const found = isoWeek(monday);
  return found.year === year && found.week === week ? monday : null;
}

function dayOfInstant(day: Day, groups: Groups, zone: string): Day | null {
  const [hour = '0', ...rest] = (groups.time ?? '0:00').replace(/[T ]/gi, '').split(':');
  const half = groups.half?.toLowerCase();
  const hours = half ? (Number(hour) % 12) + (half === 'p' ? 12 : 0) : Number(hour);
  const midnight = new Date(day * 86_400_000).toISOString().slice(0, 10);
  const time = [String(hours).padStart(2, '0'), ...rest].join(':').replace(',', '.');
  const named = /^(Z|UTC)$/i.test(groups.offset ?? '');
  const offset = named ? 'Z' : (groups.offset ?? '').replace(/^([+-]\d\d):?(\d\d)$/, '$1:$2');
  const instant = new Date(`${midnight}T${time}${offset}`);
  return Number.isNaN(instant.getTime()) ? null : dayInZone(instant, zone);
}

/** Whether a text is a date-time with an offset, whose day depends on the zone. */
export const namesOffset = (text: string) =>
  text.length <= 2 * longestDate &&
  /\d[T ]+\d\d?:\d\d\S*\s?(Z|UTC|[+-]\d\d:?\d\d)$/i.test(text.trim());
