import type { Figures } from '../values';
import type { GoodSide } from '../chart';
import { judge, type Stroked } from '../rules';

/**
 * A straight line of finished figures with open gaps.
 * @param x where they stand; ten days apart unless told
 */
export function plainLine(figures: Figures, x: readonly number[] = []): Stroked {
  return {
    positions: figures.map((_, place) => {
      const middle = x[place] ?? place * 10;
      return { start: middle - 5, middle, next: middle + 5 };
    }),
    figures,
    drawn: figures,
    open: [],
    absent: [],
    shape: 'straight',
    bridges: false,
    handsOver: null,
  };
}

/** How a line stands that is so far from its mark. */
export const heldAt = (differences: Figures, good: GoodSide, open: readonly boolean[] = []) => ({
  differences,
  good,
  judgements: judge(differences, open, good),
});
