import { mixed, object } from 'yup';
import { yearOf, yearStartDay } from '../../../core/calendar';
import { counted, Sentence } from '../../../core/sentences';
import { figure } from '../../../core/values';
import type { SpanKind } from '../../../core/chart/spans/span';

/** The last so many years, this one among them. */
interface YearsSpan {
  kind: 'years';
  count: number;
}

export const years: SpanKind<YearsSpan> = {
  kind: 'years',
  sentence: Sentence.of<YearsSpan>({ kind: 'years' })
    .words('the newest ')
    .slot('count', counted('year', { from: 1, to: 100, first: 2 })),
  schema: () =>
    object({
      kind: mixed<'years'>().oneOf(['years']).required(),
      count: figure().integer().min(1).max(100).required(),
    }),
  reach: ({ count }, { today, yearStart }) => ({
    from: yearStartDay(yearOf(today, yearStart) - count + 1, yearStart),
    to: null,
  }),
};
