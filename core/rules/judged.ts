import type { Position } from '../arrangements';
import type { GoodSide, Shape } from '../chart';
import type { Test } from '../conditions';
import type { Figures } from '../values';
import type { Judgement } from './judge';

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

/** What a line must stay over (1) or under (-1) to be on the mark. */
export interface Threshold {
  /** figure less threshold by place; null where there is nothing to judge */
  distances: Figures;
  good: 1 | -1;
}

/** A rule, and what it tests of a line. */
export interface LineRule {
  id: string;
  test: Test;
}

/** The thresholds of a line, and by place how it stands against all of them. */
export interface Judged {
  thresholds: readonly Threshold[];
  judgements: readonly Judgement[];
  rules: readonly LineRule[];
  /** no rule has a threshold, nor changes at edges: on one side of the mark one rule holds */
  uncut: boolean;
  /** the rule that catches a figure; null for none */
  caughtBy: (place: number) => string | null;
}

/** A band has two thresholds, any other mark one. */
export function judgedAgainst(
  line: Stroked,
  held: Held | null,
  rules: readonly LineRule[],
): Judged {
  const thresholds = held ? thresholdsOf(line, held) : [];
  const judgements = line.drawn.map((_, place): Judgement => {
    if (thresholds.length === 0) return null;
    let judgement: Judgement = 'on';
    for (const { distances, good } of thresholds) {
      const distance = distances[place] ?? null;
      if (distance === null) return null;
      if (good * distance < 0) judgement = 'off';
    }
    return judgement;
  });
  const uncut = rules.every(({ test }) => test.thresholds.length === 0 && !test.edges);
  const caughtBy = (place: number) => caughtAt(line, rules, place);
  return { thresholds, judgements, rules, uncut, caughtBy };
}

type Catchable = Pick<Stroked, 'figures' | 'open'>;

/** The first rule that holds at a finished figure. */
function caughtAt({ figures, open }: Catchable, rules: readonly LineRule[], place: number) {
  if (figures[place] == null || open[place]) return null;
  for (const { id, test } of rules) if (test.at(place) === true) return id;
  return null;
}

/** By place: the first rule that holds at a finished figure. */
export const caughtFigures = (line: Catchable, rules: readonly LineRule[]): (string | null)[] =>
  rules.length === 0
    ? line.figures.map(() => null)
    : line.figures.map((_, place) => caughtAt(line, rules, place));

function thresholdsOf(line: Stroked, held: Held): Threshold[] {
  const judged = held.differences.map((difference, place) =>
    line.open[place] ? null : difference,
  );
  const { edges } = held;
  if (held.good !== 'within' || !edges)
    return [{ distances: judged, good: held.good === 'atMost' ? -1 : 1 }];
  const from = (edge: Figures) =>
    judged.map((difference, place) => {
      const [figure, mark] = [line.drawn[place] ?? null, edge[place] ?? null];
      return difference === null || figure === null || mark === null ? null : figure - mark;
    });
  return [
    { distances: from(edges.low), good: 1 },
    { distances: from(edges.high), good: -1 },
  ];
}
