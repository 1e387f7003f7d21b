import type { GoodSide } from '../chart';
import { judge } from '../rules';
import { exactDifference } from '../values';
import vectors from '../vectors/spells.json';
import { findSpells } from './spells';

it.each(vectors.cases.map((example, place) => ({ place, ...example })))(
  'meets case $place worked out independently',
  ({ values, mark, want, lastPeriodOpen, spells }) => {
    const open = values.map((_, place) => lastPeriodOpen && place === values.length - 1);
    const differences = values.map((figure, place) => {
      const held = (mark as (number | null)[])[place] ?? null;
      return figure === null || held === null ? null : exactDifference(figure, held);
    });
    const judgements = judge(differences, open, want as GoodSide);
    expect(findSpells(judgements, differences, true)).toEqual(spells);
  },
);
