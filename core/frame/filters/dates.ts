import { date } from '../../sentences';
import { rangeSentence } from './range';
import { mixed, object, string } from 'yup';
import { dateText, parseDay } from '../../calendar';
import type { FilterKind } from './filter';

/** Keeps the rows whose date lies within a range, its ends included. */
export interface DatesFilter {
  kind: 'dates';
  column: string;
  /** written 2026-11-23; null: no earlier end */
  from: string | null;
  to: string | null;
}

export const datesFilter: FilterKind<DatesFilter> = {
  kind: 'dates',
  sentence: rangeSentence<DatesFilter>('dates', date, {
    of: 'date',
    least: ' is from ',
    most: ' is up to ',
    any: ' is any date',
  }),
  schema: () =>
    object({
      kind: mixed<'dates'>().oneOf(['dates']).required(),
      column: string().required().max(200),
      from: dateText(),
      to: dateText(),
    }),
  compares: ({ column, from, to }) => ({
    is: 'between',
    of: 'date',
    column,
    from: from === null ? -Infinity : (parseDay(from) ?? -Infinity),
    to: to === null ? Infinity : (parseDay(to) ?? Infinity),
  }),
  keepsAll: ({ from, to }) => from === null && to === null,
  dial: 'dates',
  stands: ({ from, to }) => [from ?? '', to ?? ''],
  turned: (filter, value) => {
    if (Array.isArray(value)) {
      const [from = '', to = ''] = value as string[];
      return from || to ? { ...filter, from: from || null, to: to || null } : null;
    }
    // Of a single date the end that is set is the one that is turned.
    return filter.to !== null && filter.from === null
      ? { ...filter, to: String(value) }
      : { ...filter, from: String(value) };
  },
  say: ({ column, from, to }) => {
    if (from === null) return to === null ? `any ${column}` : `${column} up to ${to}`;
    return to === null ? `${column} from ${from}` : `${column} from ${from} to ${to}`;
  },
  sayToReaders: () => 'a part of the rows',
};
