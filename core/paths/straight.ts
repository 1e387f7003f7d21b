import type { PathShape } from './path';

/**
 * Where a straight stroke crosses its mark.
 * @param before the signed distance from the mark at the stroke's start
 * @param after the same at its end, of the other sign
 * @returns the share of the way, 0 to 1
 */
export function crossingShare(before: number, after: number): number {
  return before / (before - after);
}

/** Straight from point to point. */
export const straight: PathShape = (points) => {
  const at = (place: number, x: number) => {
    const [one, two] = [points[place], points[place + 1]];
    if (!one || !two || x === one.x) return one?.y ?? NaN;
    return x === two.x ? two.y : one.y + ((x - one.x) / (two.x - one.x)) * (two.y - one.y);
  };
  return {
    crossesOnlyOver: true,
    crossings: (place, before, after) => {
      const [one, two] = [points[place], points[place + 1]];
      if (!one || !two || before * after >= 0) return [];
      return [one.x + (two.x - one.x) * crossingShare(before, after)];
    },
    side: (place, x, before, after) => {
      const [one, two] = [points[place], points[place + 1]];
      return !one || !two ? NaN : before + ((x - one.x) / (two.x - one.x)) * (after - before);
    },
    trace: (place, from, to) => ({ x: [from, to], y: [at(place, from), at(place, to)] }),
  };
};
