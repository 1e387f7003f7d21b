import { mixed, object, string } from 'yup';
import { orNone, Sentence, several, word } from '../../sentences';
import { list } from '../../values';
import type { EmphasisKind } from '../emphasis';

/** Those that are called so: by their words, or by their years. */
export interface LinesEmphasis {
  kind: 'lines';
  names: string[];
}

export const lines: EmphasisKind<LinesEmphasis> = {
  kind: 'lines',
  sentence: Sentence.of<LinesEmphasis>({ kind: 'lines' })
    .words('opens with the lines ')
    .slot('names', orNone('of no name', several(word))),
  schema: () =>
    object({
      kind: mixed<'lines'>().oneOf(['lines']).required(),
      names: list(string().defined().max(500), 60).required(),
    }),
  find: ({ names }, all) => all.filter(({ name }) => names.includes(name)).map(({ id }) => id),
};
