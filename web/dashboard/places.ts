import { grid, type GridPlace } from '../../contract';

const least = { w: 3, h: 4 };

/**
 * Where a chart goes by an arrow key; with shift its size changes instead.
 * @returns null when the key is none, or it can go no further
 */
export function movePlace(place: GridPlace, key: string, resize: boolean): GridPlace | null {
  const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[key];
  if (!step) return null;
  const [across = 0, down = 0] = step;
  const next = resize
    ? { ...place, w: place.w + across, h: place.h + down }
    : { ...place, x: place.x + across, y: place.y + down };
  const fits =
    next.x >= 0 &&
    next.y >= 0 &&
    next.x + next.w <= grid.columns &&
    next.w >= least.w &&
    next.h >= least.h;
  return fits ? next : null;
}

/** A place for one more chart, under all others. */
export function placeBelow(places: readonly (GridPlace | null)[]): GridPlace {
  const bottom = Math.max(0, ...places.map((place) => (place ? place.y + place.h : 0)));
  const last = places.find(
    (place) => place && place.y + place.h === bottom && place.x === 0 && place.w <= 6,
  );
  const alone = places.filter((place) => place && place.y + place.h === bottom).length === 1;
  return last && alone ? { x: 6, y: last.y, w: 6, h: last.h } : { x: 0, y: bottom, w: 6, h: 7 };
}
