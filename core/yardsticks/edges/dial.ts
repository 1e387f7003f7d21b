import { mixed, object, string } from 'yup';
import { numberAt } from '../../dials';
import { partName, Sentence } from '../../sentences';
import type { EdgeKind } from './edge';

/** Where a dial stands. */
export interface DialEdge {
  kind: 'dial';
  dial: string;
}

export const dialEdge: EdgeKind<DialEdge> = {
  kind: 'dial',
  schema: () =>
    object({
      kind: mixed<'dial'>().oneOf(['dial']).required(),
      dial: string().defined().max(40),
    }),
  sentence: Sentence.of<DialEdge>({ kind: 'dial' }).slot('dial', partName('dial', 'number')),
  say: ({ dial }, names) => names(dial),
  find: ({ dial }, { dials }) => ({ value: numberAt(dials, dial), exact: true }),
};
