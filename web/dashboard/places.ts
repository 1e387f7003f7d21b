import type { GridPlace } from '../../contract';

/**
 * A place for one more chart, under all others.
 * @param places of the other charts, in columns and rows of the grid
 */
export function placeBelow(places: readonly (GridPlace | null)[]): GridPlace {
  const bottom = Math.max(0, ...places.map((place) => (place ? place.y + place.h : 0)));
  const last = places.find(
    (place) => place && place.y + place.h === bottom && place.x === 0 && place.w <= 6,
  );
  const alone = places.filter((place) => place && place.y + place.h === bottom).length === 1;
  return last && alone ? { x: 6, y: last.y, w: 6, h: last.h } : { x: 0, y: bottom, w: 6, h: 7 };
}

/** Charts in the order in which they are read: row by row, each from the left. */
export const byReading = <Placed extends { place: GridPlace | null }>(
  charts: readonly Placed[],
): Placed[] =>
  [...charts].sort(
    (a, b) => (a.place?.y ?? 0) - (b.place?.y ?? 0) || (a.place?.x ?? 0) - (b.place?.x ?? 0),
  );
