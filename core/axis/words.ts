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

/** What orders words: their names, or what a series comes to at each. */
export interface WordOrder {
  /** the id of a series; null: their names */
  series: string | null;
  first: 'lowest' | 'highest';
}

/** The words of a column. */
export interface WordsAxis {
  kind: 'words';
  column: string;
  /** the words in the order in which they stand; others stand where the file has them */
  order: string[];
  /** where nobody has put them: by their names, or by the figures of a series; missing: as the file has them */
  by?: WordOrder;
}

const orderEntry = ways<WordOrder>(
  [
    ({ series }) => series === null,
    Sentence.of<WordOrder>({ series: null, first: 'lowest' }).words('by their names'),
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
