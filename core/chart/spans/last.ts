import { counted, Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import { periodStart } from '../../calendar';
import { figure } from '../../values';
import { firstOf, type SpanKind } from './span';

/** The last so many periods, the one that today lies in among them, and no later one. */
export interface LastSpan {
  kind: 'last';
  count: number;
}

export const last: SpanKind<LastSpan> = {
  kind: 'last',
  sentence: Sentence.of<LastSpan>({ kind: 'last' })
    .words('the last ')
    .slot('count', counted('period', { from: 1, to: 4000 })),
  schema: () =>
    object({
      kind: mixed<'last'>().oneOf(['last']).required(),
      count: figure().integer().min(1).max(4000).required(),
    }),
  reach: ({ count }, { today, grain }) => {
    const to = periodStart(today, grain);
    return { from: firstOf(count, to, grain), to };
  },
};
