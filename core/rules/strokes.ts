import type { GoodSide } from '../chart';
import { compareFigures, type Figures } from '../values';
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

/** What a line is held against while it is cut into pieces. */
export interface Held {
  marks: Figures;
  good: GoodSide;
  exact: boolean;
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
  for (let place = 0; place + 1 < figures.length; place += 1) {
    const from = figures[place] ?? null;
    const to = figures[place + 1] ?? null;
    if (from === null || to === null) continue;
    const ends = { x: [x[place] as number, x[place + 1] as number], y: [from, to] };
    const isOpen = !!open[place] || !!open[place + 1];
    const cuts = isOpen || !held ? [{ ...ends, judgement: null }] : cutAtMark(ends, held, place);
    for (const cut of cuts) append(pieces, { ...cut, open: isOpen });
  }
  const alone = lonePoints(figures).map((place) => {
    const mark = held?.marks[place] ?? null;
    const figure = figures[place] as number;
    const judged = held !== null && mark !== null && !open[place];
    return {
      judgement: judged ? judgementOf(distance(figure, mark, held)) : null,
      open: !!open[place],
      x: [x[place] as number],
      y: [figure],
    };
  });
  return [...pieces, ...alone];
}

type Cut = Omit<StrokePiece, 'open'>;

function cutAtMark(ends: { x: number[]; y: number[] }, held: Held, place: number): Cut[] {
  const [x0, x1] = ends.x as [number, number];
  const [y0, y1] = ends.y as [number, number];
  const mark0 = held.marks[place] ?? null;
  const mark1 = held.marks[place + 1] ?? null;
  if (mark0 === null || mark1 === null) return [{ ...ends, judgement: null }];
  const before = distance(y0, mark0, held);
  const after = distance(y1, mark1, held);
  if (before * after >= 0) return [{ ...ends, judgement: judgementOf(before || after) }];
  const share = crossingShare(before, after);
  const x = x0 + (x1 - x0) * share;
  const y = y0 + (y1 - y0) * share;
  return [
    { x: [x0, x], y: [y0, y], judgement: judgementOf(before) },
    { x: [x, x1], y: [y, y1], judgement: judgementOf(after) },
  ];
}

/** Negative is off the mark, whichever side is the good one; equal figures are at distance 0. */
function distance(figure: number, mark: number, { good, exact }: Held): number {
  if (compareFigures(figure, mark, exact) === 0) return 0;
  return good === 'atLeast' ? figure - mark : mark - figure;
}

const judgementOf = (distanceFromMark: number): Judgement => (distanceFromMark < 0 ? 'off' : 'on');

/** Joins a cut to the piece before it when both are drawn alike and meet. */
function append(pieces: StrokePiece[], cut: StrokePiece) {
  const last = pieces.at(-1);
  const meets = last && last.x.at(-1) === cut.x[0] && last.judgement === cut.judgement;
  if (meets && last.open === cut.open) {
    last.x.push(...cut.x.slice(1));
    last.y.push(...cut.y.slice(1));
  } else pieces.push({ ...cut, x: [...cut.x], y: [...cut.y] });
}
