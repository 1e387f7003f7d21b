import {
  between,
  choice,
  columnOf,
  type Entry,
  partName,
  Sentence,
  several,
  ways,
  word,
} from '../sentences';
import { mixed, object, string } from 'yup';
import { list } from '../values';
import { type AxisKind, sayColumn } from './axisKind';
import type { WordOrder } from './wordOrder';

/** The words of a column. */
export interface WordsAxis {
  kind: 'words';
  column: string;
  /** the words in the order in which they stand; others stand where the file has them */
  order: string[];
  /** where nobody has put them: by their names, or by the figures of a series; missing: as the file has them */
  by?: WordOrder;
}

const named = (first: WordOrder['first']) => Sentence.of<WordOrder>({ series: null, first });

const orderEntry = ways<WordOrder>(
  [
    ({ series, first }) => series === null && first === 'lowest',
    named('lowest').words('ordered by their names'),
  ],
  [
    ({ series }) => series === null,
    named('highest').words('ordered by their names, the last first'),
  ],
  [
    () => true,
    Sentence.of<WordOrder>()
      .words('ordered by ')
      .slot('series', partName('series') as Entry<string | null>)
      .words(', ')
      .slot('first', choice({ highest: 'the highest first', lowest: 'the lowest first' })),
  ],
);

export const words: AxisKind<WordsAxis> = {
  kind: 'words',
  sentence: Sentence.of<WordsAxis>({ kind: 'words' })
    .words('by the words of ')
    .slot('column', columnOf('text'))
    .option('order', [], between('in the order ', several(word)))
    .option('by', undefined, orderEntry as Entry<WordOrder | undefined>),
  schema: () =>
    object({
      kind: mixed<'words'>().oneOf(['words']).required(),
      column: string().required().max(200),
      order: list(string().defined().max(500), 200).required().default([]),
      by: object({
        series: string().nullable().defined().max(40),
        first: mixed<WordOrder['first']>().oneOf(['lowest', 'highest']).required(),
      })
        .default(undefined)
        .optional(),
    }),
  column: ({ column }) => ({ column, of: 'words' }),
  order: ({ order, by = null }) => ({ words: order, by }),
  forReaders: (definition) => ({ ...definition, column: '', order: [] }),
  unit: () => 'place',
  say: sayColumn,
  phrase: ({ column }) => column,
};
