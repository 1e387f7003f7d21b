import { counted, type Entry, Sentence, ways } from '../../sentences';
import { mixed, object } from 'yup';
import { periodStart } from '../../calendar';
import { figure } from '../../values';
import { firstOf, type SpanKind } from './span';

/** The last so many periods up to that of the last actual; null: all of them up to it. */
export interface LastActualSpan {
  kind: 'lastActual';
  count: number | null;
}

export const lastActual: SpanKind<LastActualSpan> = {
  kind: 'lastActual',
  sentence: ways<LastActualSpan>(
    [
      ({ count }) => count !== null,
      Sentence.of<LastActualSpan>({ kind: 'lastActual' })
        .words('the last ')
        .slot('count', counted('period', { from: 1, to: 4000 }) as Entry<number | null>)
        .words(' up to the last actual'),
    ],
    [
      () => true,
      Sentence.of<LastActualSpan>({ kind: 'lastActual', count: null }).words(
        'up to the last actual',
      ),
    ],
  ),
  schema: () =>
    object({
      kind: mixed<'lastActual'>().oneOf(['lastActual']).required(),
      count: figure().integer().min(1).max(4000).nullable().defined(),
    }),
  reach: ({ count }, { today, grain, lastActual: day }) => {
    const to = periodStart(day ?? today, grain);
    return { from: count === null ? null : firstOf(count, to, grain), to };
  },
};
