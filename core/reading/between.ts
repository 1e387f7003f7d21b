import { writeChange } from '../labels';
import { difference } from '../values';
import type { ReadSeries } from './reading';

/** What lies between two figures of a line. */
export interface Between {
  difference: number;
  /** what it is a difference from */
  before: number;
}

/**
 * The change of a line from one place to another, the later less the earlier.
 * @param one a place along the axis, from 0
 * @param two another place, on either side of it
 * @returns null when either has no figure
 */
export function between(
  { figures, exact }: Pick<ReadSeries, 'figures' | 'exact'>,
  one: number,
  two: number,
): Between | null {
  const [before, after] = [figures[Math.min(one, two)], figures[Math.max(one, two)]];
  if (before == null || after == null) return null;
  return { difference: difference(after, before, exact), before };
}

/**
 * A change in words, as in "+0.2m (+15.4%)".
 * @param change what `between` found
 */
export const sayBetween = (
  { difference: change, before }: Between,
  { format }: Pick<ReadSeries, 'format'>,
): string => writeChange(change, before, format);
