import { ordinal, Sentence, ways } from '../../sentences';
import { mixed, object } from 'yup';
import { writeOrdinal } from '../../labels';
import { figure } from '../../values';
import type { PickKind } from '../pick';

/** Every nth finished figure, counted back from the last one; 1 picks all. */
export interface EveryPick {
  kind: 'every';
  nth: number;
}

export const every: PickKind<EveryPick> = {
  kind: 'every',
  sentence: ways<EveryPick>(
    [
      ({ nth }) => nth === 1,
      Sentence.of<EveryPick>({ kind: 'every', nth: 1 }).words('every point'),
    ],
    [
      () => true,
      Sentence.of<EveryPick>({ kind: 'every' })
        .words('every ')
        .slot('nth', ordinal(writeOrdinal, { from: 2, to: 400, whole: true }))
        .words(' point'),
    ],
  ),
  schema: () =>
    object({
      kind: mixed<'every'>().oneOf(['every']).required(),
      nth: figure().integer().min(1).max(400).required(),
    }),
  say: ({ nth }) => (nth === 1 ? 'every point' : `one point in ${nth}`),
  byLine: true,
  pick: (candidates, { nth }) =>
    candidates.filter((_, at) => (candidates.length - 1 - at) % nth === 0),
};
