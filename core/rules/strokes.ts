import { type Path, pathShapes, type PathPoint } from '../paths';
import type { Judgement } from './judge';
import {
  type Held,
  isLeftOpen,
  type Judged,
  judgedAgainst,
  type LineRule,
  type Stroked,
} from './judged';
import { ruleAlong, cutStroke, sideOf, judgementAlong } from './cutStroke';

/** A run of strokes that are drawn alike. */
export interface StrokePiece {
  judgement: Judgement;
  /** the id of the rule that holds along it */
  rule: string | null;
  /** leads into an open period: drawn lighter */
  open: boolean;
  /** leads over a gap, or through a figure that was carried on: drawn lighter still */
  bridged: boolean;
  x: number[];
  y: number[];
}

/**
 * Cuts a line into pieces that are on or off the mark, exactly where the drawn path crosses the mark.
 * So with rules, the first of which holds wins. Points without neighbours become pieces of one point.
 * @param line its points and how they are joined
 * @param held the mark it is held against; null for none
 * @param rules in their order
 * @returns from the first point to the last, without gaps but those of the line
 */
export function strokePieces(
  line: Stroked,
  held: Held | null,
  rules: readonly LineRule[] = [],
): StrokePiece[] {
  const pieces: StrokePiece[] = [];
  const judged = judgedAgainst(line, held, rules);
  const runs = runsOf(line);
  runs.forEach((run, at) => {
    const before = runs[at - 1]?.at(-1);
    if (line.bridges && line.shape !== 'bars' && before !== undefined)
      bridge(pieces, line, before, run[0] as number, judged);
    drawRun(pieces, line, run, judged);
  });
  return pieces;
}

/** The places of the points of each unbroken run. */
function runsOf({ drawn, absent, handsOver, shape }: Stroked): number[][] {
  const runs: number[][] = [];
  let run: number[] | null = null;
  drawn.forEach((figure, place) => {
    if (absent[place]) return;
    if (figure === null) run = null;
    else if (run && shape !== 'bars') run.push(place);
    else runs.push((run = [place]));
    if (place === handsOver) run = null;
  });
  return runs;
}

function pointAt({ positions, drawn }: Stroked, place: number): PathPoint {
  const { middle, start, next } = positions[place] as Stroked['positions'][number];
  return { x: middle, y: drawn[place] as number, from: start, to: next };
}

function drawRun(pieces: StrokePiece[], line: Stroked, run: number[], judged: Judged) {
  if (line.shape === 'straight' && run.length > 1) return drawStraight(pieces, line, run, judged);
  const points = run.map((place) => pointAt(line, place));
  const path = pathShapes[line.shape](points);
  const lone = points.length === 1;
  run.forEach((place, at) => {
    const { x, y } = points[at] as PathPoint;
    if (lone && !path.lead) pieces.push({ ...pointStyle(line, place, judged), x: [x], y: [y] });
    if (path.lead && at === 0) draw(pieces, pointStyle(line, place, judged), path.lead('first'));
    const next = run[at + 1];
    if (next !== undefined) drawSegment(pieces, line, path, at, [place, next], judged);
    else if (path.lead) draw(pieces, pointStyle(line, place, judged), path.lead('last'));
  });
}

/** Most lines are straight from point to point, and most of their strokes cross nothing. */
function drawStraight(pieces: StrokePiece[], line: Stroked, run: number[], judged: Judged) {
  const { positions, drawn, figures, open } = line;
  for (let at = 0; at + 1 < run.length; at += 1) {
    const [place, next] = [run[at] as number, run[at + 1] as number];
    const judgement = judged.judgements[place] ?? null;
    const plain =
      judgement !== null &&
      !open[place] &&
      !open[next] &&
      figures[place] != null &&
      figures[next] != null;
    if (!plain || !crossesNothing(judged, place, next)) {
      const path = pathShapes.straight([pointAt(line, place), pointAt(line, next)]);
      drawSegment(pieces, line, path, 0, [place, next], judged);
      continue;
    }
    const from = (positions[place] as { middle: number }).middle;
    const to = (positions[next] as { middle: number }).middle;
    const rule = ruleAlong(judged.rules, place, next, to, judgement);
    const [start, end] = [drawn[place] as number, drawn[next] as number];
    if (!drawnOn(pieces, judgement, rule, from, to, end))
      pieces.push({ judgement, rule, open: false, bridged: false, x: [from, to], y: [start, end] });
  }
}

/** Whether a stroke between finished figures stays on one side of all that could cut it. */
function crossesNothing({ edges, judgements, cutting }: Judged, place: number, next: number) {
  if (edges || judgements[place] !== judgements[next]) return false;
  for (const distances of cutting)
    if ((distances[place] ?? 0) * (distances[next] ?? 0) <= 0) return false;
  return true;
}

/** How a point is drawn that stands for itself. */
function pointStyle({ figures, open }: Stroked, place: number, { judgements, caughtBy }: Judged) {
  const carried = (figures[place] ?? null) === null;
  return {
    judgement: carried ? null : (judgements[place] ?? null),
    rule: carried ? null : caughtBy(place),
    open: !!open[place],
    bridged: carried,
  };
}

/** Draws the line from a point to the next, in as many pieces as it has judgements and rules. */
function drawSegment(
  pieces: StrokePiece[],
  line: Stroked,
  path: Path,
  at: number,
  [place, next]: [number, number],
  judged: Judged,
) {
  const { thresholds, judgements, rules } = judged;
  const from = line.positions[place]?.middle ?? NaN;
  const to = line.positions[next]?.middle ?? NaN;
  const missing = (each: number) => (line.figures[each] ?? null) === null;
  const bridged = missing(place) || missing(next);
  const open = !!line.open[place] || !!line.open[next];
  const [before, after] = [judgements[place] ?? null, judgements[next] ?? null];
  const compared = before !== null && after !== null;
  const leftOpen = open && (isLeftOpen(line, place) || isLeftOpen(line, next));
  if (leftOpen || bridged || (!compared && rules.length === 0)) {
    draw(pieces, { judgement: null, rule: null, open, bridged }, path.trace(at, from, to));
    return;
  }
  // Most strokes stay on one side of everything: they are not looked at any closer.
  if (path.crossesOnlyOver && crossesNothing(judged, place, next)) {
    const rule = ruleAlong(rules, place, next, to, before);
    draw(pieces, { judgement: before, rule, open, bridged }, path.trace(at, from, to));
    return;
  }
  const cut = cutStroke(line, path, at, [place, next], judged);
  for (let part = 0; part + 1 < cut.length; part += 1) {
    const [start, end] = [cut[part] as number, cut[part + 1] as number];
    const x = (start + end) / 2;
    const judgement = compared ? judgementAlong(thresholds, path, at, [place, next], x) : null;
    const along = { from: place, to: next, x, judgement };
    const rule =
      rules.find(({ test }) => {
        const sides = test.thresholds.map((distances) =>
          sideOf(distances, path, at, [place, next], x),
        );
        return test.onStroke(along, sides) === true;
      })?.id ?? null;
    draw(pieces, { judgement, rule, open, bridged }, path.trace(at, start, end));
  }
}

/** Leads straight over a gap; it is coloured as a stroke is, and counts nowhere. */
function bridge(pieces: StrokePiece[], line: Stroked, from: number, to: number, judged: Judged) {
  if (line.handsOver !== null && from >= line.handsOver) return;
  const path = pathShapes.straight([pointAt(line, from), pointAt(line, to)]);
  const over = { ...line, figures: line.drawn };
  const drawn: StrokePiece[] = [];
  drawSegment(drawn, over, path, 0, [from, to], judged);
  pieces.push(...drawn.map((piece) => ({ ...piece, bridged: true })));
}

/** Draws a finished stroke straight on from a piece that ends where it begins; false without one. */
function drawnOn(
  pieces: readonly StrokePiece[],
  judgement: Judgement,
  rule: string | null,
  from: number,
  to: number,
  y: number,
): boolean {
  const last = pieces[pieces.length - 1];
  if (!last || last.judgement !== judgement || last.rule !== rule) return false;
  if (last.open || last.bridged) return false;
  if (last.x[last.x.length - 1] !== from) return false;
  last.x.push(to);
  last.y.push(y);
  return true;
}

/** Draws a stroke: on from the last piece when both are drawn alike and meet, or as a new one. */
function draw(
  pieces: StrokePiece[],
  { judgement, rule, open, bridged }: Omit<StrokePiece, 'x' | 'y'>,
  { x, y }: { x: number[]; y: number[] },
) {
  const last = pieces[pieces.length - 1];
  const alike =
    last?.judgement === judgement &&
    last.rule === rule &&
    last.open === open &&
    last.bridged === bridged;
  if (last && alike && last.x[last.x.length - 1] === x[0]) {
    for (let at = 1; at < x.length; at += 1) {
      last.x.push(x[at] as number);
      last.y.push(y[at] as number);
    }
  } else pieces.push({ judgement, rule, open, bridged, x, y });
}
