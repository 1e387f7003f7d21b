import { type Day, formatDay, nextPeriod, parseDay, periodStart, twoDigits } from '../../calendar';
import { monthNames, shortMonthNames, writeDay, writePeriod } from '../../labels';
import { nothing } from '../combined';
import type { Entry } from '../entry';
import type { About, Setting } from '../entry';
import type { Reader } from '../reader';

const iso = /\d{4}-\d{2}-\d{2}(?!\d)/y;
const spelled = /(?:(\d{1,2})\s+)?(\p{L}+)\s+(\d{4})(?![\p{L}\p{N}])/uy;

interface Found {
  day: Day;
  to: number;
  /** a month was written, without a day in it */
  isMonth: boolean;
}

/** A date that is spelled or in ISO's form; a month alone is its first day. Null for none. */
function dateAt(at: number, reader: Reader): Found | null {
  const plain = reader.match(at, iso);
  const day = parseDay(plain?.[0] ?? '');
  if (plain && day !== null) return { day, to: plain.index + plain[0].length, isMonth: false };
  const found = reader.match(at, spelled);
  const name = found?.[2]?.toLowerCase();
  const month = [shortMonthNames, monthNames]
    .map((names) => names.findIndex((each) => each.toLowerCase() === name) + 1)
    .find((each) => each > 0);
  if (!found || !month) return null;
  const [year, date] = [Number(found[3]), Number(found[1] ?? 1)];
  const spelledDay = parseDay(`${year}-${twoDigits(month)}-${twoDigits(date)}`);
  if (spelledDay === null) return null;
  return { day: spelledDay, to: found.index + found[0].length, isMonth: found[1] === undefined };
}

/** How a day begins, and is set. */
const dated = {
  draft: ({ today }: About): string => today,
  fits: (value: unknown): boolean => typeof value === 'string' && parseDay(value) !== null,
  setting: (): Setting => ({ control: 'date', called: 'date' }),
};

/** A day, kept as 2026-11-23 and written 23 Nov 2026. */
export const date: Entry<string> = {
  ...dated,
  print: (value) => writeDay(parseDay(value) ?? 0),
  read: (at, reader) => {
    const found = dateAt(at, reader);
    reader.expect(at, { text: 'a date such as 3 Jan 2025', open: true });
    return found && !found.isMonth ? [{ value: formatDay(found.day), to: found.to }] : nothing;
  },
};

/**
 * A day that begins or ends a period, written as its month where it begins or ends one.
 * @param end it is the last day of what it is written as
 */
export const monthOrDate = (end: boolean): Entry<string> => ({
  ...dated,
  print: (value) => {
    const day = parseDay(value) ?? 0;
    const start = periodStart(day, 'month');
    const isWhole = day === (end ? nextPeriod(start, 'month') - 1 : start);
    return isWhole ? writePeriod(start, 'month') : writeDay(day);
  },
  read: (at, reader) => {
    const found = dateAt(at, reader);
    reader.expect(at, { text: 'a month or a date, such as Jan 2025 or 3 Jan 2025', open: true });
    if (!found) return nothing;
    const day = found.isMonth && end ? nextPeriod(found.day, 'month') - 1 : found.day;
    return [{ value: formatDay(day), to: found.to }];
  },
});
