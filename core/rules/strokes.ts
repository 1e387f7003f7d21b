import type { GoodSide } from '../chart';
import type { Figures } from '../values';
import { crossingShare, lonePoints } from './crossings';
import type { Judgement } from './judge';

/** A run of straight strokes that are drawn alike. */
export interface StrokePiece {
  judgement: Judgement;
  /** leads into an open period: drawn lighter */
  open: boolean;
  x: number[];
  y: number[];
}

/** How a line stands against its mark while it is cut into pieces. */
export interface Held {
  /** figure less mark; 0 where they count as equal, null where either is missing */
  differences: Figures;
  good: GoodSide;
}

/**
 * Cuts a line into pieces that are on or off the mark, exactly where it crosses the mark on the
 * drawn path. Points without neighbours become pieces of one point.
 * @param x where the figures stand, in days
 */
export function strokePieces(
  x: readonly number[],
  figures: Figures,
  open: readonly boolean[],
  held: Held | null,
): StrokePiece[] {
  const pieces: StrokePiece[] = [];
  // Negative is off the mark, whichever side is the good one.
  const sign = held?.good === 'atMost' ? -1 : 1;
  const distanceAt = (place: number) => {
    const difference = held?.differences[place] ?? null;
    return difference === null ? null : sign * difference;
  };
  for (let place = 0; place + 1 < figures.length; place += 1) {
    const y0 = figures[place] ?? null;
    const y1 = figures[place + 1] ?? null;
    if (y0 === null || y1 === null) continue;
    const x0 = x[place] as number;
    const x1 = x[place + 1] as number;
    const isOpen = !!open[place] || !!open[place + 1];
    const before = distanceAt(place);
    const after = distanceAt(place + 1);
    if (isOpen || before === null || after === null) {
      draw(pieces, null, isOpen, x0, y0, x1, y1);
    } else if (before * after >= 0) {
      draw(pieces, judgementOf(before || after), false, x0, y0, x1, y1);
    } else {
      const share = crossingShare(before, after);
      const xCross = x0 + (x1 - x0) * share;
      const yCross = y0 + (y1 - y0) * share;
      draw(pieces, judgementOf(before), false, x0, y0, xCross, yCross);
      draw(pieces, judgementOf(after), false, xCross, yCross, x1, y1);
    }
  }
  for (const place of lonePoints(figures)) {
    const distance = distanceAt(place);
    pieces.push({
      judgement: distance === null || open[place] ? null : judgementOf(distance),
      open: !!open[place],
      x: [x[place] as number],
      y: [figures[place] as number],
    });
  }
  return pieces;
}

const judgementOf = (distance: number): Judgement => (distance < 0 ? 'off' : 'on');

/** Draws one stroke: on from the last piece when both are drawn alike and meet, or as a new one. */
function draw(
  pieces: StrokePiece[],
  judgement: Judgement,
  open: boolean,
  x0: number,
  y0: number,
  x1: number,
  y1: number,
) {
  const last = pieces[pieces.length - 1];
  const meets = last && last.x[last.x.length - 1] === x0;
  if (meets && last.judgement === judgement && last.open === open) {
    last.x.push(x1);
    last.y.push(y1);
  } else pieces.push({ judgement, open, x: [x0, x1], y: [y0, y1] });
}
