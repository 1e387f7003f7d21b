import type { Day, Grain } from '../calendar';
import type { Said } from '../sentences';
import type { Kind } from '../registry';
import type { Figures } from '../values';

/** The lines of a series over every period there is, without gaps in the calendar. */
export interface Derivable {
  /** first days, ascending and neighbouring */
  periods: readonly Day[];
  grain: Grain;
  /** the month that begins a year, 1 to 12 */
  yearStart: number;
  /** figures by line, then by period */
  lines: readonly Figures[];
  /** nothing was divided on the way to them */
  exact: boolean;
  additive: boolean;
}

/** What a derived line is worked out to, and what may be said of it. */
export type Derived = Pick<Derivable, 'lines' | 'exact' | 'additive'>;

/** One kind of derived series: what it is, how it says itself, and what it finds. */
export interface DerivedKind<Definition extends { kind: string }> extends Kind<Definition> {
  /** said after a measure's name, as in "Fare revenue, running total" */
  say: (definition: Definition) => string;
  /** as an option of a series */
  sentence: Said<Definition>;
  /** worked out on the periods shown, not on all there are */
  ofShown?: true;
  derive: (series: Derivable, definition: Definition) => Derived;
}
