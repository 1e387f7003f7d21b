import { Temporal } from 'temporal-polyfill';
import { type Day, dayOfDate } from './civil';

/**
 * The civil date at an instant in a time zone.
 * @param zone an IANA name, as Europe/Lisbon
 * @throws RangeError when the zone is unknown
 */
export function dayInZone(instant: Date, zone: string): Day {
  const { year, month, day } = Temporal.Instant.fromEpochMilliseconds(
    instant.getTime(),
  ).toZonedDateTimeISO(zone);
  return dayOfDate(year, month, day);
}

/** Whether a text names a time zone. */
export function isZone(name: string): boolean {
  try {
    return Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}
