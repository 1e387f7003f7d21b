import { columnOf, Sentence } from '../sentences';
import { mixed, object, string } from 'yup';
import { type AxisKind, sayColumn } from './axisKind';

/** The figures of a column. */
export interface NumbersAxis {
  kind: 'numbers';
  column: string;
}

export const numbers: AxisKind<NumbersAxis> = {
  kind: 'numbers',
  sentence: Sentence.of<NumbersAxis>({ kind: 'numbers' })
    .words('by the figures of ')
    .slot('column', columnOf('number')),
  schema: () =>
    object({
      kind: mixed<'numbers'>().oneOf(['numbers']).required(),
      column: string().required().max(200),
    }),
  column: ({ column }) => ({ column, of: 'numbers' }),
  forReaders: (definition) => ({ ...definition, column: '' }),
  unit: () => 'place',
  say: sayColumn,
  phrase: ({ column }) => column,
};
