import { Sentence } from '../sentences';
import { mixed, object } from 'yup';
import { yearBefore as before } from '../calendar';
import type { DerivedKind } from './derived';

/** The figure of the same period of the year before. */
export interface YearBefore {
  kind: 'yearBefore';
}

export const yearBefore: DerivedKind<YearBefore> = {
  kind: 'yearBefore',
  sentence: Sentence.of<YearBefore>({ kind: 'yearBefore' }).words('as the year before'),
  schema: () => object({ kind: mixed<'yearBefore'>().oneOf(['yearBefore']).required() }),
  say: () => 'year before',
  derive: ({ periods, grain, lines, exact, additive }) => {
    const places = new Map(periods.map((start, place) => [start, place]));
    const sources = periods.map((start) => places.get(before(start, grain) ?? NaN) ?? -1);
    return {
      lines: lines.map((figures) => sources.map((place) => figures[place] ?? null)),
      exact,
      additive,
    };
  },
};
