import { civilDate, type Day, type Grain, nextPeriod, periodStart } from '../calendar';
import { writeDay, writePeriod, writePeriodOfYear } from './periods';

/**
 * Writes a stretch of days by the longest periods that it is made of, and says the year once: 2025,
 * Apr to Dec 2026, 9 Feb to 20 Mar 2026.
 * @param to the last day, no earlier than the first
 */
export function writeStretch(from: Day, to: Day): string {
  const grain = wholes.find(
    (each) => periodStart(from, each) === from && periodStart(to + 1, each) === to + 1,
  );
  if (!grain) return joined(from, to, 'day');
  const last = periodStart(to, grain);
  return nextPeriod(from, grain) > last ? writePeriod(from, grain) : joined(from, last, grain);
}

const wholes: readonly Grain[] = ['year', 'month'];

function joined(one: Day, two: Day, grain: Grain): string {
  const write = (day: Day) => (grain === 'day' ? writeDay(day) : writePeriod(day, grain));
  if (one === two) return write(one);
  const oneYear = civilDate(one).year === civilDate(two).year;
  return `${oneYear ? writePeriodOfYear(one, grain) : write(one)} to ${write(two)}`;
}
