import { mixed, object } from 'yup';
import { figure } from '../../values';
import { number, Sentence } from '../../sentences';
import type { EdgeKind } from './edge';

/** A number as written. */
export interface NumberEdge {
  kind: 'number';
  number: number;
}

export const numberEdge: EdgeKind<NumberEdge> = {
  kind: 'number',
  schema: () =>
    object({
      kind: mixed<'number'>().oneOf(['number']).required(),
      number: figure().required(),
    }),
  sentence: Sentence.of<NumberEdge>({ kind: 'number' }).slot('number', number()),
  say: ({ number }) => String(number),
  find: ({ number }) => ({ value: number, exact: true }),
};
