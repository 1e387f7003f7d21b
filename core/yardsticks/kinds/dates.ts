import { date, type Entry, Sentence, ways } from '../../sentences';
import { mixed, object, string } from 'yup';
import { dateText, parseDay } from '../../calendar';
import { nothingFound, type YardstickKind } from './kind';

/** A date line, or a date band where it has an end. */
export interface DatesDefinition {
  id: string;
  kind: 'dates';
  name: string;
  /** written 2026-11-23 */
  from: string;
  /** the last day; null for a line */
  to: string | null;
}

export const dates: YardstickKind<DatesDefinition> = {
  kind: 'dates',
  drawnAs: 'dates',
  sentence: ways<DatesDefinition>(
    [
      ({ to }) => to === null,
      Sentence.of<DatesDefinition>({ kind: 'dates', to: null })
        .words('a line on ')
        .slot('from', date),
    ],
    [
      () => true,
      Sentence.of<DatesDefinition>({ kind: 'dates' })
        .words('a band from ')
        .slot('from', date)
        .words(' to ')
        .slot('to', date as Entry<string | null>),
    ],
  ),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'dates'>().oneOf(['dates']).required(),
      name: string().required().trim().min(1).max(120),
      from: dateText().required(),
      to: dateText(),
    }),
  named: ({ to }) => (to === null ? 'Date' : 'Stretch'),
  find: ({ from, to }) => {
    const [first, last] = [parseDay(from), to === null ? null : parseDay(to)];
    if (first === null) return nothingFound;
    if (last === null) return { ...nothingFound, days: [first] };
    const stretch = { from: Math.min(first, last), to: Math.max(first, last) + 1 };
    return { ...nothingFound, stretches: [stretch] };
  },
};
