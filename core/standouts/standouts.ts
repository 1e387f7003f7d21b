import type { Figures } from '../values';

/**
 * The places of the highest or lowest figures, all of them when several tie; missing figures never
 * stand out.
 */
export function extremePlaces(figures: Figures, pick: 'highest' | 'lowest'): number[] {
  const present = figures.filter((figure) => figure !== null);
  if (present.length === 0) return [];
  const best = present.reduce((a, b) => (pick === 'highest' ? Math.max(a, b) : Math.min(a, b)));
  return figures.flatMap((figure, place) => (figure === best ? [place] : []));
}
