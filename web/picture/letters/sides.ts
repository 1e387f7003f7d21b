import type { Side } from '../../../core/chart';
import type { Box } from '../geometry';
import { isWithin } from './box';

/** How large something written is, in pixels. */
export interface Extent {
  width: number;
  height: number;
}

/** A place for a label, and how far it is from where it would stand best. */
export interface Place {
  box: Box;
  off: number;
}

/** How far from the middle of a point its label begins: beyond its marker. */
export const markerRoom = 7;

/** How far a label is moved away from its point, in pixels. */
const away = [0, 3, 6, 10, 14, 19, 25, 32, 40, 50, 62, 76, 92, 110, 130, 152, 176, 202, 230, 260];
/** How far one beside its point is moved up and down, in pixels. */
const aside = [0, 4, 8, 12, 17, 23, 30, 38, 47, 57, 68];
/** How far one over or under its point is moved along, of as far as it still stands over it. */
const shares = [0, 0.2, 0.4, 0.6, 0.8, 1, 1.3];
/** Beside a line that leads through its point, by so much. */
const passing = 5;

interface Offset {
  along: number;
  aside: number;
  off: number;
}

/** Moved away and to either side; the nearest first. */
const offsetsOf = (sideways: readonly number[], costs: number): readonly Offset[] =>
  away
    .flatMap((along) =>
      [...sideways.map((each) => -each), ...sideways.slice(1)].map((each) => ({
        along,
        aside: each,
        off: along + Math.abs(each) * costs,
      })),
    )
    .sort((one, other) => one.off - other.off);

const offsets = { beside: offsetsOf(aside, 0.6), over: offsetsOf(shares, 16) };

/** Which way a side lies. */
const ways: Record<Side, { across: -1 | 0 | 1; down: -1 | 0 | 1 }> = {
  above: { across: 0, down: -1 },
  below: { across: 0, down: 1 },
  left: { across: -1, down: 0 },
  right: { across: 1, down: 0 },
};

/**
 * The places on one side of a point, the best first: right beside it, then farther away and moved
 * along, but never off that side.
 * @param at the point, in pixels
 * @param within nothing stands outside of it
 */
export function* placesOn(
  side: Side,
  at: { x: number; y: number },
  { width, height }: Extent,
  within: Box,
): Generator<Place> {
  const { across, down } = ways[side];
  // Above and below, a label that would not stand over its point any more is beside it.
  const [all, unit] = across === 0 ? [offsets.over, width / 2 - 1] : [offsets.beside, 1];
  for (const { along, aside: share, off } of all) {
    // A line straight through the point is passed at either side of it.
    const moved =
      across === 0 && Math.abs(share) > 1 ? Math.sign(share) * (width / 2 + passing) : share * unit;
    const apart = markerRoom + along;
    const left =
      across === 0 ? at.x - width / 2 + moved : at.x + across * apart - (across < 0 ? width : 0);
    const top =
      down === 0 ? at.y - height / 2 + moved : at.y + down * apart - (down < 0 ? height : 0);
    const box = { left, right: left + width, top, bottom: top + height };
    if (isWithin(box, within)) yield { box, off };
  }
}

/** Whether a label stands on a side of its point. */
export function isOn(side: Side, box: Box, { x, y }: { x: number; y: number }): boolean {
  const over = box.left <= x + passing + 1 && x - passing - 1 <= box.right;
  return {
    above: over && box.bottom < y,
    below: over && box.top > y,
    left: box.right < x,
    right: box.left > x,
  }[side];
}
