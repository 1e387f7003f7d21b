import { mixed, object } from 'yup';
import { dateText, parseDay } from '../calendar';
import { date, type Entry, Sentence, ways } from '../sentences';
import { type DialKind, named } from './dial';

/** The first and the last of some dates, or either, which readers set. */
export interface DatesDial {
  kind: 'dates';
  id: string;
  name: string;
  /** written 2026-11-23; null: as early as there is any */
  from: string | null;
  to: string | null;
}

const end = date as Entry<string | null>;
const dated = (open: Partial<DatesDial> = {}) => Sentence.of<DatesDial>({ kind: 'dates', ...open });

/** An end in what a dial is turned to: a date, or open where it is none. */
const endOf = (text: unknown): string | null =>
  typeof text === 'string' && parseDay(text) !== null ? text : null;

export const datesDial: DialKind<DatesDial> = {
  kind: 'dates',
  sentence: ways<DatesDial>(
    [
      ({ from, to }) => from === null && to === null,
      dated({ from: null, to: null }).words('any dates'),
    ],
    [
      ({ from, to }) => from !== null && to !== null,
      dated().words('dates from ').slot('from', end).words(' to ').slot('to', end),
    ],
    [({ from }) => from !== null, dated({ to: null }).words('dates from ').slot('from', end)],
    [() => true, dated({ from: null }).words('dates up to ').slot('to', end)],
  ),
  schema: () =>
    object({
      kind: mixed<'dates'>().oneOf(['dates']).required(),
      ...named,
      from: dateText(),
      to: dateText(),
    }),
  stands: ({ from, to }) => [from ?? '', to ?? ''],
  at: (value) => {
    const [from, to] = Array.isArray(value) ? (value as string[]) : [String(value)];
    return { kind: 'dates', from: endOf(from), to: endOf(to) };
  },
  turns: () => ({ by: 'dates' }),
  turnedTo: (_dial, to) => (Array.isArray(to) ? [endOf(to[0]) ?? '', endOf(to[1]) ?? ''] : null),
};
