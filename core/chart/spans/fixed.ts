import { monthOrDate, Sentence, ways } from '../../sentences';
import { mixed, object } from 'yup';
import { dateText, parseDay, periodStart } from '../../calendar';
import type { SpanKind } from './span';

/** From a date to a date, written 2026-11-23; null: from the first, to the last figure. */
export interface FixedSpan {
  kind: 'fixed';
  from: string | null;
  to: string | null;
}

const [first, last] = [monthOrDate(false), monthOrDate(true)];

export const fixed: SpanKind<FixedSpan> = {
  kind: 'fixed',
  sentence: ways<FixedSpan>(
    [
      ({ from, to }) => from !== null && to !== null,
      Sentence.of<FixedSpan>({ kind: 'fixed' })
        .words('from ')
        .slot('from', first)
        .words(' to ')
        .slot('to', last),
    ],
    [
      ({ from }) => from !== null,
      Sentence.of<FixedSpan>({ kind: 'fixed', to: null }).words('from ').slot('from', first),
    ],
    [
      ({ to }) => to !== null,
      Sentence.of<FixedSpan>({ kind: 'fixed', from: null }).words('up to ').slot('to', last),
    ],
    [
      () => true,
      Sentence.of<FixedSpan>({ kind: 'fixed', from: null, to: null }).words('all there is'),
    ],
  ),
  schema: () =>
    object({
      kind: mixed<'fixed'>().oneOf(['fixed']).required(),
      from: dateText(),
      to: dateText(),
    }),
  reach: ({ from, to }, { grain }) => {
    const startOf = (text: string | null) => {
      const day = text === null ? null : parseDay(text);
      return day === null ? null : periodStart(day, grain);
    };
    return { from: startOf(from), to: startOf(to) };
  },
};
