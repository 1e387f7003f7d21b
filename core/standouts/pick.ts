import type { Names } from '../conditions';
import type { Said } from '../sentences';
import type { Kind } from '../registry';

/** A finished figure that may be picked. */
export interface Candidate {
  line: number;
  place: number;
  figure: number;
}

/** What a pick may ask of a candidate. */
export interface Asked {
  /** whether it meets the condition of the pick, where it has one */
  meets: (candidate: Candidate) => boolean;
  /** the change on the period before; null without one */
  change: (candidate: Candidate) => number | null;
}

/** Where a label stands by its point. */
export const sides = ['above', 'right', 'below', 'left'] as const;
export type Side = (typeof sides)[number];

/** One way to pick points out. */
export interface PickKind<Definition extends { kind: string }> extends Kind<Definition> {
  /** before "of Fare revenue" */
  say: (definition: Definition, names: Names) => string;
  /** before "of" and the name of a series */
  sentence: Said<Definition>;
  /** it is looked for in each line by itself, never among several */
  byLine?: true;
  /** where its labels stand unless told otherwise; missing: above */
  side?: Side;
  /** its label is drawn whatever else has to give way */
  extreme?: true;
  /** Picks from candidates, which stand in the order of their lines and places. */
  pick: (candidates: readonly Candidate[], definition: Definition, asked: Asked) => Candidate[];
}
