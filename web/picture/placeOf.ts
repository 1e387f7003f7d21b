import type { Day } from '../../core/calendar';
import { middleOf } from '../../core/notes';
import type { Reading } from '../../core/reading';
import { periodAt } from './geometry';

/** Where along an axis: a day of the calendar, or what stands at a place of another axis. */
export type At = Day | string;

/**
 * The place of something among the positions shown; null where it is not among them.
 * @returns from 0
 */
export function placeOf({ axis, positions }: Reading, at: At): number | null {
  if (typeof at === 'string') {
    const place = axis === 'calendar' ? -1 : positions.findIndex(({ label }) => label === at);
    return place < 0 ? null : place;
  }
  const [first, last] = [positions[0], positions.at(-1)];
  if (axis !== 'calendar' || !first || !last) return null;
  return at < first.start || at >= last.next ? null : periodAt({ positions }, at);
}

/**
 * What stands at a place, by which other charts and addresses know it: the middle day of a period,
 * where its figures stand, or the word or figure there.
 * @param place along the axis, from 0
 */
export function atPlace({ axis, positions }: Reading, place: number): At {
  const position = positions[place];
  if (!position) return '';
  return axis === 'calendar' ? middleOf(position) : position.label;
}
