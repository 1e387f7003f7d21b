import type { Figures } from '../values';
import type { Stroked } from '../rules';

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
    ...{ figures, drawn: figures, open: [], absent: [] },
    ...{ shape: 'straight', bridges: false, handsOver: null },
  };
}
