import { Sentence } from '../sentences';
import { mixed, object } from 'yup';
import { sumFigures } from '../values';
import type { DerivedKind } from './derived';

/** Each line's part of the total of all lines of its series, in per cent. */
export interface Share {
  kind: 'share';
}

export const share: DerivedKind<Share> = {
  kind: 'share',
  sentence: Sentence.of<Share>({ kind: 'share' }).words('as a share of the total of its lines'),
  schema: () => object({ kind: mixed<'share'>().oneOf(['share']).required() }),
  say: () => '% of the total of its lines',
  derive: ({ periods, lines, exact }) => {
    const totals = periods.map((_, place) =>
      sumFigures(
        lines.map((figures) => figures[place] ?? null),
        exact,
      ),
    );
    return {
      lines: lines.map((figures) =>
        figures.map((figure, place) => {
          const total = totals[place] ?? null;
          return figure === null || total === null || total === 0
            ? null
            : (100 * figure) / Math.abs(total);
        }),
      ),
      exact: false,
      additive: false,
    };
  },
};
