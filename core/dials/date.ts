import { date, Sentence } from '../sentences';
import { mixed, object } from 'yup';
import { dateText, parseDay } from '../calendar';
import { type DialKind, named } from './dial';

/** A date that readers can set. */
export interface DateDial {
  kind: 'date';
  id: string;
  name: string;
  /** written 2026-11-23 */
  value: string;
}

export const dateDial: DialKind<DateDial> = {
  kind: 'date',
  sentence: Sentence.of<DateDial>({ kind: 'date' }).words('a date, at ').slot('value', date),
  schema: () =>
    object({
      kind: mixed<'date'>().oneOf(['date']).required(),
      ...named,
      value: dateText().required(),
    }),
  stands: ({ value }) => value,
  at: (value) => ({ kind: 'date', value: String(value) }),
  turns: () => ({ by: 'date' }),
  turnedTo: (_dial, to) => (parseDay(String(to)) === null ? null : String(to)),
};
