import { choice, Sentence } from '../sentences';
import { mixed, object } from 'yup';
import { yearBefore } from '../calendar';
import { difference } from '../values';
import type { DerivedKind } from './derived';

/** The change on the period before, or on the same period of the year before. */
export interface Change {
  kind: 'change';
  on: 'periodBefore' | 'yearBefore';
  as: 'difference' | 'percent';
}

export const change: DerivedKind<Change> = {
  kind: 'change',
  sentence: Sentence.of<Change>({ kind: 'change' })
    .words('as its ')
    .slot('as', choice({ difference: 'change', percent: '% change' }))
    .words(' on the ')
    .slot('on', choice({ periodBefore: 'period before', yearBefore: 'year before' })),
  schema: () =>
    object({
      kind: mixed<'change'>().oneOf(['change']).required(),
      on: mixed<Change['on']>().oneOf(['periodBefore', 'yearBefore']).required(),
      as: mixed<Change['as']>().oneOf(['difference', 'percent']).required(),
    }),
  say: ({ on, as }) =>
    `${as === 'percent' ? '% change' : 'change'} on the ${on === 'yearBefore' ? 'year' : 'period'} before`,
  derive: ({ periods, grain, lines, exact, additive }, { on, as }) => {
    const places = new Map(periods.map((start, place) => [start, place]));
    const before = periods.map((start, place) => {
      if (on === 'periodBefore') return place - 1;
      const other = yearBefore(start, grain);
      return other === null ? -1 : (places.get(other) ?? -1);
    });
    return {
      lines: lines.map((figures) =>
        figures.map((figure, place) => {
          const base = figures[before[place] as number] ?? null;
          if (figure === null || base === null) return null;
          const apart = difference(figure, base, exact);
          if (as === 'difference') return apart;
          return base === 0 ? null : (100 * apart) / Math.abs(base);
        }),
      ),
      exact: exact && as === 'difference',
      additive: additive && as === 'difference' && on === 'yearBefore',
    };
  },
};
