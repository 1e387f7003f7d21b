import { mixed, object, string } from 'yup';
import type { FilterKind } from '../../../core/frame/filters/filter';
import { columnOf, number, Sentence } from '../../../core/sentences';
import { figure } from '../../../core/values';

/** Keeps the rows whose number is farther from zero than another. */
interface BeyondFilter {
  kind: 'beyond';
  column: string;
  number: number;
}

export const beyond: FilterKind<BeyondFilter> = {
  kind: 'beyond',
  sentence: Sentence.of<BeyondFilter>({ kind: 'beyond' })
    .slot('column', columnOf('number'))
    .words(' is farther from zero than ')
    .slot('number', number({ from: 0, first: 1 })),
  schema: () =>
    object({
      kind: mixed<'beyond'>().oneOf(['beyond']).required(),
      column: string().required().max(200),
      number: figure().min(0).required(),
    }),
  compares: ({ column, number: to }) => ({
    is: 'not',
    of: { is: 'between', of: 'number', column, from: -to, to },
  }),
  keepsAll: () => false,
  dial: 'number',
  stands: ({ number }) => number,
  turned: (filter, value) => ({ ...filter, number: Number(value) }),
  say: ({ column, number: to }) => `${column} farther from zero than ${to}`,
  sayToReaders: () => 'a part of the rows',
};
