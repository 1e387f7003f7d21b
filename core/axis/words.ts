import { between, columnOf, Sentence, several, word } from '../sentences';
import { mixed, object, string } from 'yup';
import { list } from '../values';
import { type AxisKind, sayColumn } from './axisKind';

/** The words of a column. */
export interface WordsAxis {
  kind: 'words';
  column: string;
  /** the words in the order in which they stand; others stand where the file has them */
  order: string[];
}

export const words: AxisKind<WordsAxis> = {
  kind: 'words',
  sentence: Sentence.of<WordsAxis>({ kind: 'words' })
    .words('by the words of ')
    .slot('column', columnOf('text'))
    .option('order', [], between('in the order ', several(word))),
  schema: () =>
    object({
      kind: mixed<'words'>().oneOf(['words']).required(),
      column: string().required().max(200),
      order: list(string().defined().max(500), 200).required().default([]),
    }),
  column: ({ column }) => ({ column, of: 'words' }),
  order: ({ order }) => order,
  forReaders: (definition) => ({ ...definition, column: '', order: [] }),
  unit: () => 'place',
  say: sayColumn,
  phrase: ({ column }) => column,
};
