import { column, Sentence, several, ways, word, yesOrNo } from '../../sentences';
import { boolean, mixed, object, string } from 'yup';
import type { Comparison } from '../comparisons';
import { list } from '../../values';
import type { FilterKind } from './filter';

/** Keeps, or leaves out, the rows of some words of a category; a blank cell is the empty word. */
export interface WordsFilter {
  kind: 'words';
  column: string;
  words: string[];
  keep: boolean;
}

const mostWords = 500;

export const wordsFilter: FilterKind<WordsFilter> = {
  kind: 'words',
  sentence: ways<WordsFilter>(
    [
      ({ words }) => words.length === 0,
      Sentence.of<WordsFilter>({ kind: 'words', words: [] })
        .slot('column', column)
        .slot('keep', yesOrNo(' is no word', ' is any word')),
    ],
    [
      () => true,
      Sentence.of<WordsFilter>({ kind: 'words' })
        .slot('column', column)
        .slot('keep', yesOrNo(' is ', ' is not '))
        .slot('words', several(word, 'or'), 'Words'),
    ],
  ),
  schema: object({
    kind: mixed<'words'>().oneOf(['words']).required(),
    column: string().required().max(200),
    words: list(string().defined().max(500), mostWords).required(),
    keep: boolean().required(),
  }),
  compares: ({ column, words, keep }) => {
    const among: Comparison = { is: 'among', column, words };
    return keep ? among : { is: 'not', of: among };
  },
  dial: 'choice',
  turned: (filter, value) =>
    value === '' ? null : { ...filter, words: [String(value)], keep: true },
  say: ({ words, keep }) =>
    `${keep ? 'only' : 'without'} ${words.map((word) => word || 'blank').join(', ')}`,
  sayToReaders: (filter) => (filter.keep ? wordsFilter.say(filter) : 'without some'),
};
