import type { Day } from '../../core/calendar';
import type { Reading } from '../../core/reading';
import { periodAt } from './geometry';

/**
 * The place of a day among the periods shown; null where it is not among them.
 * @returns from 0
 */
export function placeOf({ axis, positions }: Reading, day: Day): number | null {
  const [first, last] = [positions[0], positions.at(-1)];
  if (axis !== 'calendar' || !first || !last) return null;
  return day < first.start || day >= last.next ? null : periodAt({ positions }, day);
}
