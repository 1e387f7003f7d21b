import { columnOf, orNone, Sentence, several, word, yesOrNo } from '../../sentences';
import { boolean, mixed, object, string } from 'yup';
import type { Comparison } from '../comparisons';
import { list, wordsIn } from '../../values';
import type { FilterKind } from './filter';

/**
 * Keeps, or leaves out, the rows of some words of a category; a blank cell is the empty word. Without
 * words it keeps all.
 */
export interface WordsFilter {
  kind: 'words';
  column: string;
  words: string[];
  keep: boolean;
}

const mostWords = 500;

/** A filter begins with none: it leaves nothing out until somebody chooses. */
const wordsKept = { ...orNone('any word', several(word, 'or')), draft: () => [] };

export const wordsFilter: FilterKind<WordsFilter> = {
  kind: 'words',
  sentence: Sentence.of<WordsFilter>({ kind: 'words' })
    .slot('column', columnOf('text'))
    .slot('keep', yesOrNo(' is ', ' is not '), 'Kept')
    .slot('words', wordsKept, 'Words'),
  schema: () =>
    object({
      kind: mixed<'words'>().oneOf(['words']).required(),
      column: string().required().max(200),
      words: list(string().defined().max(500), mostWords).required(),
      keep: boolean().required(),
    }),
  compares: ({ column, words, keep }) => {
    const among: Comparison = { is: 'among', column, words };
    return keep && words.length > 0 ? among : { is: 'not', of: among };
  },
  keepsAll: ({ words }) => words.length === 0,
  dial: 'several',
  stands: ({ words, keep }) => (keep ? words : []),
  turned: (filter, value) => {
    const words = wordsIn(value);
    return words.length === 0 ? null : { ...filter, words, keep: true };
  },
  say: ({ column, words, keep }) =>
    words.length === 0
      ? `any ${column}`
      : `${keep ? 'only' : 'without'} ${words.map((word) => word || 'blank').join(', ')}`,
  sayToReaders: (filter) => (filter.keep ? wordsFilter.say(filter) : 'without some'),
};
