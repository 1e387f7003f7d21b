import { mixed, object, string } from 'yup';
import { wordsIn } from '../../values';
import { partName, Sentence } from '../../sentences';
import type { EmphasisKind } from '../emphasis';

/** Those that readers choose by a dial of words; at "all" none is. */
export interface ChosenEmphasis {
  kind: 'chosen';
  dial: string;
}

export const chosen: EmphasisKind<ChosenEmphasis> = {
  kind: 'chosen',
  sentence: Sentence.of<ChosenEmphasis>({ kind: 'chosen' })
    .words('opens with the lines chosen by ')
    .slot('dial', partName('dial', 'choice', 'several')),
  schema: () =>
    object({
      kind: mixed<'chosen'>().oneOf(['chosen']).required(),
      dial: string().defined().max(40),
    }),
  find: ({ dial }, all, dials) =>
    all.filter(({ name }) => wordsIn(dials.get(dial)).includes(name)).map(({ id }) => id),
};
