import { crossingShare } from '../paths';

/** A stretch along the date axis, from x to x. */
export interface Stretch {
  from: number;
  to: number;
  /** between the line and its mark, in value units times days */
  area: number;
}

/**
 * Where the distance from the mark strictly changes its sign between neighbouring points.
 * @param x of the points, ascending
 * @param distances figure less mark at each; null where either is missing
 * @returns where the straight line between two neighbours meets the mark, in units of x
 */
export function crossings(x: readonly number[], distances: readonly (number | null)[]): number[] {
  return pairs(x, distances)
    .filter(({ before, after }) => before * after < 0)
    .map(({ from, to, before, after }) => from + (to - from) * crossingShare(before, after));
}

/**
 * The stretches strictly below the mark, with their areas; a missing point breaks the line.
 * @param x in days, ascending
 * @param distances figure less mark, one for each x
 */
export function stretchesBelow(
  x: readonly number[],
  distances: readonly (number | null)[],
): Stretch[] {
  const found: Stretch[] = [];
  for (const { from, to, before, after } of pairs(x, distances)) {
    const share = before * after < 0 ? crossingShare(before, after) : null;
    const cross = from + (to - from) * (share ?? 0);
    if (before >= 0 && after >= 0) continue;
    const start = before > 0 ? cross : from;
    const end = after > 0 ? cross : to;
    const area = ((end - start) * (Math.max(0, -before) + Math.max(0, -after))) / 2;
    const last = found.at(-1);
    // It goes on from the segment before only through a point that is itself below.
    if (last && last.to === start && before < 0) {
      last.to = end;
      last.area += area;
    } else found.push({ from: start, to: end, area });
  }
  const lone = lonePoints(distances)
    .filter((place) => (distances[place] as number) < 0)
    .map((place) => ({ from: x[place] as number, to: x[place] as number, area: 0 }));
  return [...found, ...lone].sort((a, b) => a.from - b.from);
}

/** The places of points that have no neighbour. */
export function lonePoints(figures: readonly (number | null)[]): number[] {
  const places: number[] = [];
  figures.forEach((figure, place) => {
    const alone = (figures[place - 1] ?? null) === null && (figures[place + 1] ?? null) === null;
    if (figure !== null && alone) places.push(place);
  });
  return places;
}

function pairs(x: readonly number[], distances: readonly (number | null)[]) {
  return x.slice(1).flatMap((to, place) => {
    const before = distances[place] ?? null;
    const after = distances[place + 1] ?? null;
    if (before === null || after === null) return [];
    return [{ from: x[place] as number, to, before, after }];
  });
}
