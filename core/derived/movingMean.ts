import { counted, Sentence } from '../sentences';
import { mixed, object } from 'yup';
import { mean } from '../statistics';
import { figure } from '../values';
import type { DerivedKind } from './derived';

/** The mean of so many periods up to each one; missing unless all of them have a figure. */
export interface MovingMean {
  kind: 'movingMean';
  periods: number;
}

export const movingMean: DerivedKind<MovingMean> = {
  kind: 'movingMean',
  sentence: Sentence.of<MovingMean>({ kind: 'movingMean' })
    .words('as its moving mean of ')
    .slot('periods', counted('period', { from: 2, to: 400, first: 3 })),
  schema: () =>
    object({
      kind: mixed<'movingMean'>().oneOf(['movingMean']).required(),
      periods: figure().integer().min(2).max(400).required(),
    }),
  say: ({ periods }) => `moving mean of ${periods} periods`,
  derive: ({ lines }, { periods }) => ({
    lines: lines.map((figures) =>
      figures.map((_, place) => {
        const window = figures.slice(Math.max(0, place - periods + 1), place + 1);
        return window.length < periods || window.includes(null) ? null : mean(window);
      }),
    ),
    exact: false,
    additive: false,
  }),
};
