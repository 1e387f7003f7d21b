import { number } from '../../sentences';
import { rangeSentence } from './range';
import { mixed, object, string } from 'yup';
import { figure } from '../../values';
import type { FilterKind } from './filter';

/** Keeps the rows whose figure lies within a range, its ends included. */
export interface NumbersFilter {
  kind: 'numbers';
  column: string;
  /** null: no lower end */
  from: number | null;
  to: number | null;
}

export const numbersFilter: FilterKind<NumbersFilter> = {
  kind: 'numbers',
  sentence: rangeSentence<NumbersFilter>('numbers', number(), {
    of: 'number',
    least: ' is at least ',
    most: ' is at most ',
    any: ' is any figure',
  }),
  schema: () =>
    object({
      kind: mixed<'numbers'>().oneOf(['numbers']).required(),
      column: string().required().max(200),
      from: figure().nullable().defined(),
      to: figure().nullable().defined(),
    }),
  compares: ({ column, from, to }) => ({
    is: 'between',
    of: 'number',
    column,
    from: from ?? -Infinity,
    to: to ?? Infinity,
  }),
  keepsAll: ({ from, to }) => from === null && to === null,
  dial: 'number',
  stands: ({ from, to }) => from ?? to ?? 0,
  // The end that is set is the one that is turned.
  turned: (filter, value) =>
    filter.to !== null && filter.from === null
      ? { ...filter, to: Number(value) }
      : { ...filter, from: Number(value) },
  say: ({ column, from, to }) => {
    if (from === null) return to === null ? `any ${column}` : `${column} at most ${to}`;
    return to === null ? `${column} at least ${from}` : `${column} from ${from} to ${to}`;
  },
  sayToReaders: () => 'a part of the rows',
};
