import type { GoodSide } from '../chart';
import type { Figures } from '../values';

/** On the mark, off it, or not judged: missing on either side, or in an open period. */
export type Judgement = 'on' | 'off' | null;

/**
 * Judges each figure of a series by its difference from the mark; exactly on the mark is on it.
 * @param differences figure less mark; 0 where they count as equal, null where either is missing
 */
export function judge(differences: Figures, open: readonly boolean[], good: GoodSide): Judgement[] {
  const isOff = offSides[good];
  return differences.map((difference, place) => {
    if (difference === null || open[place]) return null;
    return isOff(difference) ? 'off' : 'on';
  });
}

/** Whether a difference is off the mark, by its good side; within a band the difference is zero. */
const offSides: Record<GoodSide, (difference: number) => boolean> = {
  atLeast: (difference) => difference < 0,
  atMost: (difference) => difference > 0,
  within: (difference) => difference !== 0,
};
