import type { StandsAt } from '../values';
import { string } from 'yup';
import type { Said } from '../sentences';
import type { Kind } from '../registry';

/**
 * Where a dial stands: a number, a date written 2026-11-23, one of its choices or several of them, or two
 * dates, of which an open one is empty.
 */
export type DialValue = StandsAt;

/** Where dials stand, by their ids. */
export type DialValues = ReadonlyMap<string, DialValue>;

/** How a dial is turned. */
export type Turns =
  | { by: 'number'; from: number; to: number; step: number; unit?: string }
  | { by: 'date' }
  | { by: 'dates' }
  | { by: 'choice'; choices: readonly string[] }
  | { by: 'several'; choices: readonly string[] };

/** One kind of dial: what it is, and where it may be turned to. */
export interface DialKind<Dial extends { kind: string }> extends Kind<Dial> {
  /** after its name and "is" */
  sentence: Said<Dial>;
  /** where its author has set it */
  stands: (dial: Dial) => DialValue;
  /** how it is turned: along a range, to dates, or to some of its words */
  turns: (dial: Dial) => Turns;
  /**
   * The dial that stands at a value.
   * @param words those of the column that it turns; none where that has none
   */
  at: (value: DialValue, words: readonly string[]) => Omit<Dial, 'id' | 'name'>;
  /** the nearest position that the dial has; null where it has none like that */
  turnedTo: (dial: Dial, to: DialValue) => DialValue | null;
}

/** What every dial is known by. */
export const named = {
  id: string().required().max(40),
  name: string().required().trim().min(1).max(120),
};
