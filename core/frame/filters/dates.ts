import { mixed, object, string } from 'yup';
import { dateText, type Day, parseDay } from '../../calendar';
import { type DateColumn, missingDay } from '../../table';
import type { FilterKind } from './filter';

/** Keeps the rows whose date lies within a range, its ends included. */
export interface DatesFilter {
  kind: 'dates';
  column: string;
  /** written 2026-11-23; null: no earlier end */
  from: string | null;
  to: string | null;
}

/** The ends of a range of dates as days. */
export const daysOf = ({ from, to }: Pick<DatesFilter, 'from' | 'to'>): [Day, Day] => [
  from === null ? -Infinity : (parseDay(from) ?? -Infinity),
  to === null ? Infinity : (parseDay(to) ?? Infinity),
];

export const datesFilter: FilterKind<DatesFilter> = {
  kind: 'dates',
  schema: object({
    kind: mixed<'dates'>().oneOf(['dates']).required(),
    column: string().required().max(200),
    from: dateText(),
    to: dateText(),
  }),
  looksAt: 'date',
  keeps: (column, filter) => {
    const { days } = column as DateColumn;
    const [first, last] = daysOf(filter);
    return (row) => {
      const day = days[row] as Day;
      return day !== missingDay && day >= first && day <= last;
    };
  },
  // The end that is set is the one that is turned.
  turned: (filter, value) =>
    filter.to !== null && filter.from === null
      ? { ...filter, to: String(value) }
      : { ...filter, from: String(value) },
  say: ({ column, from, to }) => {
    if (from === null) return to === null ? `any ${column}` : `${column} up to ${to}`;
    return to === null ? `${column} from ${from}` : `${column} from ${from} to ${to}`;
  },
  sayToReaders: () => 'a part of the rows',
};
