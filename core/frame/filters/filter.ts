import type { Kind } from '../../registry';
import type { Column } from '../../table';

/** One kind of filter over the rows of a source: what it is, and which rows it keeps. */
export interface FilterKind<Filter extends { kind: string; column: string }> extends Kind<Filter> {
  /** what the column it looks at must hold */
  looksAt: Column['kind'];
  /** decides row by row; the column is one of `looksAt` */
  keeps: (column: Column, filter: Filter) => (row: number) => boolean;
  /** the filter where a dial that turns it stands; null where it then keeps everything */
  turned: (filter: Filter, value: number | string) => Filter | null;
  /** its end of a sentence, as in "only East and North" */
  say: (filter: Filter) => string;
  /** the same for those who only read: no word that it leaves out, no column and none of its figures */
  sayToReaders: (filter: Filter) => string;
}
