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
  /** the place of an open figure that is judged all the same; missing: none is */
  openJudged?: number | null;
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
  /** by place: how it stands */
  judgements: readonly Judgement[];
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
  /** the distances from all that cuts strokes where it is crossed */
  cutting: readonly Figures[];
  /** rules change at the edges of periods */
  edges: boolean;
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
  return {
    thresholds,
    judgements: held?.judgements ?? [],
    rules,
    cutting: [
      ...thresholds.map(({ distances }) => distances),
      ...rules.flatMap(({ test }) => test.thresholds),
    ],
    edges: rules.some(({ test }) => test.edges),
    caughtBy: (place) => caughtAt(line, rules, place),
  };
}

type Catchable = Pick<Stroked, 'figures' | 'open' | 'openJudged'>;

/**
 * Whether a period is open, and left unjudged for that.
 * @param place along the axis, from 0
 */
export const isLeftOpen = (
  { open, openJudged }: Pick<Stroked, 'open' | 'openJudged'>,
  place: number,
): boolean => !!open[place] && place !== openJudged;

/** The first rule that holds at a figure that rules look at. */
function caughtAt(line: Catchable, rules: readonly LineRule[], place: number) {
  if (line.figures[place] == null || isLeftOpen(line, place)) return null;
  for (const { id, test } of rules) if (test.at(place) === true) return id;
  return null;
}

/**
 * By place: the first rule that holds at a finished figure.
 * @param rules the first that holds wins
 * @returns the id of the rule at each place, null where none holds
 */
export const caughtFigures = (line: Catchable, rules: readonly LineRule[]): (string | null)[] =>
  rules.length === 0
    ? line.figures.map(() => null)
    : line.figures.map((_, place) => caughtAt(line, rules, place));

/** How many finished figures a rule holds at. */
export function countMet(line: Catchable, { test }: LineRule): number {
  let met = 0;
  for (let place = 0; place < line.figures.length; place += 1)
    if (line.figures[place] != null && !isLeftOpen(line, place) && test.at(place) === true)
      met += 1;
  return met;
}

function thresholdsOf(line: Stroked, held: Held): Threshold[] {
  const judged = line.open.includes(true)
    ? held.differences.map((difference, place) => (isLeftOpen(line, place) ? null : difference))
    : held.differences;
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
