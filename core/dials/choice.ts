import { between, Sentence, several, word } from '../sentences';
import { mixed, object, string } from 'yup';
import { list } from '../values';
import { type DialKind, named } from './dial';

/** A word that readers choose; the empty one means all of them. */
export interface ChoiceDial {
  kind: 'choice';
  id: string;
  name: string;
  value: string;
  choices: string[];
}

export const mostChoices = 60;

export const choiceDial: DialKind<ChoiceDial> = {
  kind: 'choice',
  sentence: Sentence.of<ChoiceDial>({ kind: 'choice' })
    .words('one of ')
    .slot('choices', several(word))
    .option('value', '', between('at ', word)),
  schema: () =>
    object({
      kind: mixed<'choice'>().oneOf(['choice']).required(),
      ...named,
      value: string()
        .defined()
        .max(500)
        .test('offered', 'A dial stands at one of its choices.', (value, { parent }) =>
          ((parent as ChoiceDial).choices ?? []).includes(value),
        ),
      choices: list(string().defined().max(500), mostChoices)
        .required()
        .min(1, 'A dial has at least one choice.'),
    }),
  stands: ({ value }) => value,
  at: (value, words) => ({
    kind: 'choice',
    value: String(value),
    choices: [...new Set(['', String(value), ...words])].slice(0, mostChoices),
  }),
  turns: ({ choices }) => ({ by: 'choice', choices }),
  turnedTo: ({ choices }, to) => choices.find((choice) => choice === String(to)) ?? null,
};
