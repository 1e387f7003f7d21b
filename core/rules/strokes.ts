import type { Position } from '../arrangements';
import type { GoodSide, Shape } from '../chart';
import { type Path, pathShapes, type PathPoint } from '../paths';
import type { Figures } from '../values';
import type { Judgement } from './judge';

/** A run of strokes that are drawn alike. */
export interface StrokePiece {
  judgement: Judgement;
  /** leads into an open period: drawn lighter */
  open: boolean;
  /** leads over a gap, or through a figure that was carried on: drawn lighter still */
  bridged: boolean;
  x: number[];
  y: number[];
}

/** A line as far as its strokes are concerned, an entry for each position. */
export interface Stroked {
  positions: readonly Pick<Position, 'start' | 'middle' | 'next'>[];
  figures: Figures;
  /** what is drawn where a figure was carried on */
  drawn: Figures;
  open: readonly boolean[];
  /** positions that the line does not have: they are no gap */
  absent: readonly boolean[];
  shape: Shape;
  /** strokes lead over gaps */
  bridges: boolean;
  /** no stroke leads beyond this place */
  handsOver: number | null;
}

/** How a line stands against its mark while it is cut into pieces. */
export interface Held {
  /** figure less mark; 0 where they count as equal, null where either is missing */
  differences: Figures;
  good: GoodSide;
  /** the edges of the band that it is to be within */
  edges?: { low: Figures; high: Figures } | null;
}

/**
 * Cuts a line into pieces that are on or off the mark, exactly where the drawn path crosses the mark.
 * Points without neighbours become pieces of one point.
 */
export function strokePieces(line: Stroked, held: Held | null): StrokePiece[] {
  const pieces: StrokePiece[] = [];
  const thresholds = thresholdsOf(line, held);
  const runs = runsOf(line);
  runs.forEach((run, at) => {
    const before = runs[at - 1]?.at(-1);
    if (line.bridges && before !== undefined)
      bridge(pieces, line, before, run[0] as number, thresholds);
    drawRun(pieces, line, run, thresholds);
  });
  return pieces;
}

/** What a line must stay over (1) or under (-1) to be on the mark. */
interface Threshold {
  /** figure less threshold; null where there is nothing to judge */
  distanceAt: (place: number) => number | null;
  good: 1 | -1;
}

/** A band has two thresholds, any other mark one. */
function thresholdsOf(line: Stroked, held: Held | null): Threshold[] {
  if (!held) return [];
  const judged = (place: number) => !line.open[place] && (held.differences[place] ?? null) !== null;
  const { edges } = held;
  if (held.good !== 'within' || !edges) {
    const good = held.good === 'atMost' ? -1 : 1;
    const distanceAt = (place: number) =>
      judged(place) ? (held.differences[place] ?? null) : null;
    return [{ distanceAt, good }];
  }
  const from = (edge: Figures) => (place: number) => {
    const [figure, mark] = [line.drawn[place] ?? null, edge[place] ?? null];
    return judged(place) && figure !== null && mark !== null ? figure - mark : null;
  };
  return [
    { distanceAt: from(edges.low), good: 1 },
    { distanceAt: from(edges.high), good: -1 },
  ];
}

/** On the right side of all thresholds, or off one; null where there is nothing to judge. */
function judgementAt(thresholds: readonly Threshold[], place: number): Judgement {
  const sides = thresholds.map(({ distanceAt, good }) => {
    const distance = distanceAt(place);
    return distance === null ? null : good * distance;
  });
  if (sides.length === 0 || sides.includes(null)) return null;
  return sides.some((side) => (side as number) < 0) ? 'off' : 'on';
}

/** The places of the points of each unbroken run. */
function runsOf({ drawn, absent, handsOver }: Stroked): number[][] {
  const runs: number[][] = [];
  let run: number[] | null = null;
  drawn.forEach((figure, place) => {
    if (absent[place]) return;
    if (figure === null) run = null;
    else if (run) run.push(place);
    else runs.push((run = [place]));
    if (place === handsOver) run = null;
  });
  return runs;
}

function pointAt({ positions, drawn }: Stroked, place: number): PathPoint {
  const { middle, start, next } = positions[place] as Stroked['positions'][number];
  return { x: middle, y: drawn[place] as number, from: start, to: next };
}

function drawRun(
  pieces: StrokePiece[],
  line: Stroked,
  run: number[],
  thresholds: readonly Threshold[],
) {
  const points = run.map((place) => pointAt(line, place));
  const path = pathShapes[line.shape](points);
  const lone = points.length === 1;
  run.forEach((place, at) => {
    const carried = (line.figures[place] ?? null) === null;
    const own = {
      judgement: carried ? null : judgementAt(thresholds, place),
      open: !!line.open[place],
      bridged: carried,
    };
    const { x, y } = points[at] as PathPoint;
    if (lone && !path.lead) pieces.push({ ...own, x: [x], y: [y] });
    if (path.lead && at === 0) draw(pieces, own, path.lead('first'));
    const next = run[at + 1];
    if (next !== undefined) drawSegment(pieces, line, path, at, [place, next], thresholds);
    else if (path.lead) draw(pieces, own, path.lead('last'));
  });
}

/** Draws the line from a point to the next, in as many pieces as it has judgements. */
function drawSegment(
  pieces: StrokePiece[],
  line: Stroked,
  path: Path,
  at: number,
  [place, next]: [number, number],
  thresholds: readonly Threshold[],
) {
  const from = line.positions[place]?.middle ?? NaN;
  const to = line.positions[next]?.middle ?? NaN;
  const missing = (each: number) => (line.figures[each] ?? null) === null;
  const bridged = missing(place) || missing(next);
  const open = !!line.open[place] || !!line.open[next];
  const judged = judgementAt(thresholds, place) && judgementAt(thresholds, next);
  if (open || bridged || !judged) {
    draw(pieces, { judgement: null, open, bridged }, path.trace(at, from, to));
    return;
  }
  const held = thresholds.map(({ distanceAt, good }) => ({
    good,
    before: distanceAt(place) as number,
    after: distanceAt(next) as number,
  }));
  const crossed = held.flatMap(({ before, after }) => path.crossings(at, before, after));
  const ends = [from, ...crossed.sort((one, two) => one - two), to];
  for (let part = 0; part + 1 < ends.length; part += 1) {
    const [start, end] = [ends[part] as number, ends[part + 1] as number];
    const isOff = held.some(
      ({ good, before, after }) => good * path.side(at, (start + end) / 2, before, after) < 0,
    );
    draw(pieces, { judgement: isOff ? 'off' : 'on', open, bridged }, path.trace(at, start, end));
  }
}

/** Leads straight over a gap; it is coloured as a stroke is, and counts nowhere. */
function bridge(
  pieces: StrokePiece[],
  line: Stroked,
  from: number,
  to: number,
  thresholds: readonly Threshold[],
) {
  if (line.handsOver !== null && from >= line.handsOver) return;
  const path = pathShapes.straight([pointAt(line, from), pointAt(line, to)]);
  const over = { ...line, figures: line.drawn };
  const drawn: StrokePiece[] = [];
  drawSegment(drawn, over, path, 0, [from, to], thresholds);
  pieces.push(...drawn.map((piece) => ({ ...piece, bridged: true })));
}

/** Draws a stroke: on from the last piece when both are drawn alike and meet, or as a new one. */
function draw(
  pieces: StrokePiece[],
  style: Pick<StrokePiece, 'judgement' | 'open' | 'bridged'>,
  { x, y }: { x: number[]; y: number[] },
) {
  const last = pieces[pieces.length - 1];
  const meets = last && last.x[last.x.length - 1] === x[0];
  const alike =
    last?.judgement === style.judgement &&
    last.open === style.open &&
    last.bridged === style.bridged;
  if (last && meets && alike) {
    last.x.push(...x.slice(1));
    last.y.push(...y.slice(1));
  } else pieces.push({ ...style, x, y });
}
