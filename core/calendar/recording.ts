import { type Day, weekday } from './civil';
import { type DatePattern, periodWritten } from './datePatterns';
import { type Grain, grains, nextPeriod, periodStart } from './periods';

/** What the dates of a source tell of how it is recorded. */
export interface Recording {
  /** the coarsest grain at which all dates stand on first days, or all on last days */
  by: Grain;
  /** whether they stand on the first or the last days of those periods; null by day */
  standsOn: 'first' | 'last' | null;
  /** weekdays, Monday being 1, that it never has although it has enough dates to tell */
  without: readonly number[];
  /** the last day up to which nothing more is to come; null without a date */
  completeTo: Day | null;
}

/** Fewer different dates than these tell nothing of periods, or of weekdays. */
const leastDates = { periods: 3, weekdays: 20 };

/**
 * Reads off the dates of a source what it is recorded by and up to when it is complete.
 * @param distinct its different days, ascending
 * @param writtenAs how they are written: months and years say by what they are recorded, however few
 */
export function recordingOf(
  distinct: readonly Day[],
  writtenAs: DatePattern | null = null,
): Recording {
  const { by, standsOn } = recordedBy(distinct, writtenAs && periodWritten(writtenAs));
  const last = distinct.at(-1);
  if (last === undefined) return { by, standsOn, without: [], completeTo: null };
  if (by !== 'day')
    return { by, standsOn, without: [], completeTo: nextPeriod(periodStart(last, by), by) - 1 };
  const without = missingWeekdays(distinct);
  let completeTo = last;
  while (without.includes(weekday(completeTo + 1))) completeTo += 1;
  return { by, standsOn, without, completeTo };
}

function recordedBy(
  distinct: readonly Day[],
  written: Grain | null,
): Pick<Recording, 'by' | 'standsOn'> {
  // Fewer dates than tell of periods stand for those that they are written as, and for none longer.
  if (written && distinct.length < leastDates.periods) return { by: written, standsOn: 'first' };
  if (distinct.length >= leastDates.periods)
    for (const by of [...grains].reverse()) {
      if (by === 'day') break;
      if (distinct.every((day) => periodStart(day, by) === day)) return { by, standsOn: 'first' };
      // A week that ends on a Sunday is as well a day of its own.
      const ends = (day: Day) => periodStart(day + 1, by) === day + 1;
      if (by !== 'week' && distinct.every(ends)) return { by, standsOn: 'last' };
    }
  return { by: 'day', standsOn: null };
}

function missingWeekdays(distinct: readonly Day[]): number[] {
  if (distinct.length < leastDates.weekdays) return [];
  const seen = new Set(distinct.map(weekday));
  return [1, 2, 3, 4, 5, 6, 7].filter((each) => !seen.has(each));
}
