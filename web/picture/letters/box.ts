import type { Box } from '../geometry';

/** Whether two places overlap; those that only touch do not. */
export const meets = (one: Box, other: Box): boolean =>
  one.left < other.right &&
  other.left < one.right &&
  one.top < other.bottom &&
  other.top < one.bottom;

/** Whether a place lies within another. */
export const isWithin = (one: Box, around: Box): boolean =>
  one.left >= around.left &&
  one.right <= around.right &&
  one.top >= around.top &&
  one.bottom <= around.bottom;

/**
 * Whether a straight stroke passes through a box.
 * Source: Liang and Barsky (1984), A New Concept and Method for Line Clipping.
 */
export function passesThrough(box: Box, x0: number, y0: number, x1: number, y1: number): boolean {
  let enters = 0;
  let leaves = 1;
  const within = (step: number, room: number) => {
    if (step === 0) return room > 0;
    if (step < 0) enters = Math.max(enters, room / step);
    else leaves = Math.min(leaves, room / step);
    return enters < leaves;
  };
  return (
    within(x0 - x1, x0 - box.left) &&
    within(x1 - x0, box.right - x0) &&
    within(y0 - y1, y0 - box.top) &&
    within(y1 - y0, box.bottom - y0)
  );
}
