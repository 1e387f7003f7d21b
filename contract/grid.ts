/** The grid of a dashboard: how many columns it has, and how high its rows are in pixels. */
export const grid = { columns: 12, rowHeight: 36, gap: 12 };

/** A place on the grid, in its columns and rows. */
interface Place {
  x: number;
  y: number;
  w: number;
  h: number;
}

/**
 * A place for one more chart, under all others.
 * @param places of the other charts, in columns and rows of the grid
 */
export function placeBelow(places: readonly (Place | null)[]): Place {
  const bottom = Math.max(0, ...places.map((place) => (place ? place.y + place.h : 0)));
  const last = places.find(
    (place) => place && place.y + place.h === bottom && place.x === 0 && place.w <= 6,
  );
  const alone = places.filter((place) => place && place.y + place.h === bottom).length === 1;
  return last && alone ? { x: 6, y: last.y, w: 6, h: last.h } : { x: 0, y: bottom, w: 6, h: 7 };
}
