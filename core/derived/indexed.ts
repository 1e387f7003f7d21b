import { Sentence } from '../sentences';
import { mixed, object } from 'yup';
import type { DerivedKind } from './derived';

/** Each line against its first figure shown that is neither missing nor zero, which is 100. */
export interface Indexed {
  kind: 'index';
}

export const indexed: DerivedKind<Indexed> = {
  kind: 'index',
  sentence: Sentence.of<Indexed>({ kind: 'index' }).words('as an index'),
  schema: () => object({ kind: mixed<'index'>().oneOf(['index']).required() }),
  say: () => 'index, its first figure shown = 100',
  ofShown: true,
  derive: ({ lines }) => ({
    lines: lines.map((figures) => {
      const base = figures.find((figure) => figure !== null && figure !== 0) ?? null;
      // Against a negative base, up would read as down.
      if (base === null || base < 0) return figures.map(() => null);
      return figures.map((figure) => (figure === null ? null : (100 * figure) / base));
    }),
    exact: false,
    additive: false,
  }),
};
