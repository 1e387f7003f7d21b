import type { Said } from '../../sentences';
import type { Kind } from '../../registry';
import type { StandsAt } from '../../values';
import type { Comparison } from '../comparisons';

/** One kind of filter over the rows of a source: what it is, and which rows it keeps. */
export interface FilterKind<Filter extends { kind: string; column: string }> extends Kind<Filter> {
  /** what a row must be to be kept */
  compares: (filter: Filter) => Comparison;
  /** nobody has said yet what it keeps, so that it keeps all */
  keepsAll: (filter: Filter) => boolean;
  /** the kind of dial that can turn it */
  dial: 'number' | 'dates' | 'several';
  /** where a dial stands that turns it as it is set */
  stands: (filter: Filter) => StandsAt;
  /** the filter where a dial that turns it stands; null where it then keeps everything */
  turned: (filter: Filter, value: StandsAt) => Filter | null;
  sentence: Said<Filter>;
  /** its end of a sentence, as in "only East and North" */
  say: (filter: Filter) => string;
  /** the same for those who only read: no word that it leaves out, no column and none of its figures */
  sayToReaders: (filter: Filter) => string;
}
