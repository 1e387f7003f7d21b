import { Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import type { PickKind } from '../pick';

/** The first, or the last, period that has a finished figure. */
export interface FirstPick {
  kind: 'first';
}
export interface LastPick {
  kind: 'last';
}

export const first: PickKind<FirstPick> = {
  kind: 'first',
  sentence: Sentence.of<FirstPick>({ kind: 'first' }).words('the first'),
  schema: () => object({ kind: mixed<'first'>().oneOf(['first']).required() }),
  say: () => 'first',
  byLine: true,
  pick: (candidates) => candidates.slice(0, 1),
};

export const last: PickKind<LastPick> = {
  kind: 'last',
  sentence: Sentence.of<LastPick>({ kind: 'last' }).words('the last'),
  schema: () => object({ kind: mixed<'last'>().oneOf(['last']).required() }),
  say: () => 'last',
  side: 'right',
  byLine: true,
  pick: (candidates) => candidates.slice(-1),
};
