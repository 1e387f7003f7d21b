import { number, Sentence } from '../sentences';
import { mixed, object } from 'yup';
import { figure } from '../values';
import type { OriginKind } from './origin';

/** The same figure in every period. */
export interface ConstantFigures {
  kind: 'constant';
  number: number;
}

export const constant: OriginKind<ConstantFigures> = {
  kind: 'constant',
  name: 'the same throughout',
  sentence: Sentence.of<ConstantFigures>({ kind: 'constant' })
    .slot('number', number())
    .words(' throughout'),
  schema: () =>
    object({
      kind: mixed<'constant'>().oneOf(['constant']).required(),
      number: figure().required(),
    }),
  draft: () => ({ kind: 'constant', number: 100 }),
  say: ({ number }) => `${number} throughout`,
  lines: 'one level',
  find: ({ number }, { constant: level }) => level(number),
};
