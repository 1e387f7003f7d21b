import { Temporal } from 'temporal-polyfill';

/** A civil date as the number of days since 1 January 1970. It has no time zone. */
export type Day = number;

const epoch = Temporal.PlainDate.from('1970-01-01');

/** The date of a day in the calendar of ISO 8601. */
export function dateOfDay(day: Day): Temporal.PlainDate {
  return epoch.add({ days: day });
}

/** The day of a calendar date. */
export function dayOfDate(date: Temporal.PlainDate): Day {
  return date.since(epoch, { largestUnit: 'days' }).days;
}

/**
 * The day of a year, month and date.
 * @returns null when there is no such date, as 30 February
 */
export function dayOf(year: number, month: number, date: number): Day | null {
  try {
    return dayOfDate(Temporal.PlainDate.from({ year, month, day: date }, { overflow: 'reject' }));
  } catch {
    return null;
  }
}

/**
 * Reads a date written as 2026-11-23.
 * @returns null when it is none
 */
export function parseDay(text: string): Day | null {
  const match = /^(\d{4})-(\d\d)-(\d\d)$/.exec(text);
  return match ? dayOf(Number(match[1]), Number(match[2]), Number(match[3])) : null;
}

/** Writes a day as 2026-11-23. */
export function formatDay(day: Day): string {
  return dateOfDay(day).toString();
}

/**
 * The civil date at an instant in a time zone.
 * @param zone an IANA name, as Europe/Lisbon
 * @throws RangeError when the zone is unknown
 */
export function dayInZone(instant: Date, zone: string): Day {
  return dayOfDate(
    Temporal.Instant.fromEpochMilliseconds(instant.getTime())
      .toZonedDateTimeISO(zone)
      .toPlainDate(),
  );
}
