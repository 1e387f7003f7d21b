import { mixed, object } from 'yup';
import { figure } from '../../values';
import type { PickKind } from '../pick';

/** Every nth finished figure, counted back from the last one; 1 picks all. */
export interface EveryPick {
  kind: 'every';
  nth: number;
}

export const every: PickKind<EveryPick> = {
  kind: 'every',
  name: 'every point, or every nth',
  schema: object({
    kind: mixed<'every'>().oneOf(['every']).required(),
    nth: figure().integer().min(1).max(400).required(),
  }),
  draft: () => ({ kind: 'every', nth: 1 }),
  settings: [{ name: 'nth', label: 'Every so many', type: 'number' }],
  say: ({ nth }) => (nth === 1 ? 'every point' : `one point in ${nth}`),
  byLine: true,
  pick: (candidates, { nth }) =>
    candidates.filter((_, at) => (candidates.length - 1 - at) % nth === 0),
};
