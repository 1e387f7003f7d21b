import type { DateColumn, NumberColumn, TextColumn } from '../../table';
import type { Groups } from '../groups';

/** One figure per group; NaN where the group has none. */
export type Aggregated = Float64Array;

/** One way in which the rows of a group come to one figure. */
export interface AggregateKind<Name extends string = string> {
  name: Name;
  /** as offered in a list */
  offered: string;
  /** as said before what is taken, as in "the sum of Fare revenue" */
  noun: string;
  /** as said after the name of what is taken, as in "Fare revenue, summed" */
  said: (percent: number) => string;
  /** its figures add up over periods */
  additive?: true;
  /** it divides, so that its figures are equal only within a tolerance */
  divides?: true;
  /** it is one of the figures of the row, told by this number from 0 to 100 */
  percent?: true;
  /**
   * The figures of a column of numbers.
   * @param percent which percentile, 0 to 100
   */
  ofNumbers: (groups: Groups, column: NumberColumn, percent: number) => Aggregated;
  /** the figures of a column that holds none, or of rows; left out: it needs figures */
  ofOthers?: (groups: Groups, column: TextColumn | DateColumn | null) => Aggregated;
  /** it can be taken of rows, without a column */
  ofRows?: true;
}
