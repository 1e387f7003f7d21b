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
  /** where nobody has put them: by their names, by the figures of a series, or by another column; missing: as the file has them */
  by?: WordOrder;
}

const which = choice<WordOrder['first']>({
  highest: 'the highest first',
  lowest: 'the lowest first',
});

const orderEntry = ways<WordOrder>(
  [
    ({ column }) => column !== undefined,
    Sentence.of<WordOrder>({ series: null })
      .words('ordered by the column ')
      .slot('column', columnOf() as Entry<string | undefined>)
      .words(', ')
      .slot('first', which),
  ],
  [
    ({ series }) => series === null,
    Sentence.of<WordOrder>({ series: null }).slot(
      'first',
      choice<WordOrder['first']>({
        lowest: 'ordered by their names',
        highest: 'ordered by their names, the last first',
      }),
    ),
  ],
  [
    () => true,
    Sentence.of<WordOrder>()
      .words('ordered by ')
      .slot('series', partName('series') as Entry<string | null>)
      .words(', ')
      .slot('first', which),
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
        column: string().min(1).max(200).optional(),
        first: mixed<WordOrder['first']>().oneOf(['lowest', 'highest']).required(),
      })
        .default(undefined)
        .optional(),
    }),
  column: ({ column, by }) => ({
    column,
    of: 'words',
    ...(by?.column !== undefined && { by: { column: by.column, first: by.first } }),
  }),
  order: ({ order, by = null }) => ({ words: order, by }),
  forReaders: ({ by: _, ...definition }) => ({ ...definition, column: '', order: [] }),
  unit: () => 'place',
  say: sayColumn,
  phrase: ({ column }) => column,
};
