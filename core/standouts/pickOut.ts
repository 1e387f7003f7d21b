import { difference, type Figures } from '../values';
import { type PickDefinition, pickKind } from './kinds';
import type { Candidate } from './pick';

/** Which of several equal points stand out. */
export const ties = ['all', 'first', 'last'] as const;
export type Ties = (typeof ties)[number];

/** Among what points are picked: all lines of a series together, each by itself, each of its years. */
export const pickScopes = ['series', 'line', 'year'] as const;
export type PickScope = (typeof pickScopes)[number];

/** What points are picked from. */
export interface Pickable {
  /** finished figures by line; those that are not to be picked count as missing */
  lines: readonly Figures[];
  /** the points of these lines: gathered once for all that is picked of them */
  candidates: readonly Candidate[];
  exact: boolean;
  /** the year that a position belongs to */
  yearAt: (place: number) => number;
  /** whether a point meets the condition of the pick */
  meets: (line: number, place: number) => boolean;
}

/** All points of lines, in the order of the lines and their places. */
export function candidatesOf(lines: readonly Figures[]): Candidate[] {
  const found: Candidate[] = [];
  for (let line = 0; line < lines.length; line += 1) {
    const figures = lines[line] as Figures;
    for (let place = 0; place < figures.length; place += 1) {
      const figure = figures[place] ?? null;
      if (figure !== null) found.push({ line, place, figure });
    }
  }
  return found;
}

/** What of it is picked. */
export interface Picked {
  pick: PickDefinition;
  ties: Ties;
  per: PickScope;
}

/**
 * Picks points out of the lines of a series.
 * @param from the lines and where they may be looked at
 * @param picked the pick, what becomes of ties, and whether each line is asked by itself
 */
export function pickOut(from: Pickable, { pick, ties: kept, per }: Picked): Candidate[] {
  const kind = pickKind(pick);
  const asked = {
    meets: ({ line, place }: Candidate) => from.meets(line, place),
    change: (candidate: Candidate) => changeOf(from, candidate),
  };
  return groupsOf(from, per, kind.byLine ?? false).flatMap((group) => {
    const picked = kind.pick(group, pick, asked);
    return kind.extreme && kept !== 'all'
      ? picked.slice(...(kept === 'first' ? [0, 1] : [-1]))
      : picked;
  });
}

/** The points that are looked at together. */
function groupsOf(
  { candidates, yearAt }: Pickable,
  per: PickScope,
  byLine: boolean,
): (readonly Candidate[])[] {
  if (per === 'series' && !byLine) return [candidates];
  const groups = new Map<string, Candidate[]>();
  for (const candidate of candidates) {
    const { line, place } = candidate;
    const key = per === 'year' ? `${line} ${yearAt(place)}` : String(line);
    const group = groups.get(key);
    if (group) group.push(candidate);
    else groups.set(key, [candidate]);
  }
  return [...groups.values()];
}

function changeOf({ lines, exact }: Pickable, { line, place, figure }: Candidate): number | null {
  const before = lines[line]?.[place - 1] ?? null;
  return before === null ? null : difference(figure, before, exact);
}
