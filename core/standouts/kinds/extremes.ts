import { Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import type { Candidate, PickKind } from '../pick';

/** All points that no other is higher, or lower, than. */
export interface HighestPick {
  kind: 'highest';
}
export interface LowestPick {
  kind: 'lowest';
}

const best = (candidates: readonly Candidate[], sign: 1 | -1) => {
  let most = -Infinity;
  for (const { figure } of candidates) if (sign * figure > most) most = sign * figure;
  return candidates.filter(({ figure }) => sign * figure === most);
};

export const highest: PickKind<HighestPick> = {
  kind: 'highest',
  sentence: Sentence.of<HighestPick>({ kind: 'highest' }).words('the highest'),
  schema: () => object({ kind: mixed<'highest'>().oneOf(['highest']).required() }),
  say: () => 'highest',
  extreme: true,
  pick: (candidates) => best(candidates, 1),
};

export const lowest: PickKind<LowestPick> = {
  kind: 'lowest',
  sentence: Sentence.of<LowestPick>({ kind: 'lowest' }).words('the lowest'),
  schema: () => object({ kind: mixed<'lowest'>().oneOf(['lowest']).required() }),
  say: () => 'lowest',
  side: 'below',
  extreme: true,
  pick: (candidates) => best(candidates, -1),
};
