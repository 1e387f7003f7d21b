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
  exact: boolean;
  /** the year that a position belongs to */
  yearAt: (place: number) => number;
  /** whether a point meets the condition of the pick */
  meets: (line: number, place: number) => boolean;
}

/** What of it is picked. */
export interface Picked {
  pick: PickDefinition;
  ties: Ties;
  per: PickScope;
}

/** Picks points out of the lines of a series. */
export function pickOut(from: Pickable, { pick, ties: kept, per }: Picked): Candidate[] {
  const kind = pickKind(pick);
  const groups = new Map<string, Candidate[]>();
  for (const candidate of candidatesOf(from, kind.looksBack ?? false)) {
    const line = per === 'series' && !kind.byLine ? '' : candidate.line;
    const key = per === 'year' ? `${line} ${from.yearAt(candidate.place)}` : String(line);
    const group = groups.get(key);
    if (group) group.push(candidate);
    else groups.set(key, [candidate]);
  }
  const meets = ({ line, place }: Candidate) => from.meets(line, place);
  return [...groups.values()].flatMap((group) => {
    const picked = kind.pick(group, pick, meets);
    return kind.extreme && kept !== 'all'
      ? picked.slice(...(kept === 'first' ? [0, 1] : [-1]))
      : picked;
  });
}

/** @param looksBack the change on the period before is asked for */
function candidatesOf({ lines, exact }: Pickable, looksBack: boolean): Candidate[] {
  const found: Candidate[] = [];
  lines.forEach((figures, line) =>
    figures.forEach((figure, place) => {
      if (figure === null) return;
      const before = looksBack ? (figures[place - 1] ?? null) : null;
      const change = before === null ? null : difference(figure, before, exact);
      found.push({ line, place, figure, change });
    }),
  );
  return found;
}
