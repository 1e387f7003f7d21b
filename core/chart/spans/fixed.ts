import { mixed, object } from 'yup';
import { dateText, parseDay, periodStart } from '../../calendar';
import type { SpanKind } from './span';

/** From a date to a date, written 2026-11-23; null: from the first, to the last figure. */
export interface FixedSpan {
  kind: 'fixed';
  from: string | null;
  to: string | null;
}

export const fixed: SpanKind<FixedSpan> = {
  kind: 'fixed',
  schema: object({
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
