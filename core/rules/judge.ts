import type { GoodSide } from '../chart';
import type { Figures } from '../values';

/** On the mark, off it, or not judged: missing on either side, or in an open period. */
export type Judgement = 'on' | 'off' | null;

/**
 * Judges each figure of a series by its difference from the mark; exactly on the mark is on it.
 * @param differences figure less mark; 0 where they count as equal, null where either is missing
 */
export function judge(differences: Figures, open: readonly boolean[], good: GoodSide): Judgement[] {
  const sign = good === 'atLeast' ? 1 : -1;
  return differences.map((difference, place) => {
    if (difference === null || open[place]) return null;
    return sign * difference < 0 ? 'off' : 'on';
  });
}
