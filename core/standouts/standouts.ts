import type { Figures } from '../values';

/**
 * The places of the highest or lowest figures, all of them when several tie; missing figures and
 * those of open periods never stand out.
 */
export function extremePlaces(
  figures: Figures,
  pick: 'highest' | 'lowest',
  open: readonly boolean[] = [],
): number[] {
  const sign = pick === 'highest' ? 1 : -1;
  let best: number | null = null;
  let places: number[] = [];
  figures.forEach((figure, place) => {
    if (figure === null || open[place] || (best !== null && sign * (figure - best) < 0)) return;
    if (figure !== best) places = [];
    best = figure;
    places.push(place);
  });
  return places;
}
