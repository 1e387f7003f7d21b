import { mixed, object, string } from 'yup';
import { between, Sentence, several, word } from '../sentences';
import { list, wordsIn } from '../values';
import { mostChoices } from './choice';
import { type DialKind, named } from './dial';

/** Words of which readers choose several; none means all of them. */
export interface SeveralDial {
  kind: 'several';
  id: string;
  name: string;
  value: string[];
  choices: string[];
}

const words = () => list(string().defined().max(500), mostChoices);

export const severalDial: DialKind<SeveralDial> = {
  kind: 'several',
  sentence: Sentence.of<SeveralDial>({ kind: 'several' })
    .words('several of ')
    .slot('choices', several(word))
    .option('value', [], between('at ', several(word))),
  schema: () =>
    object({
      kind: mixed<'several'>().oneOf(['several']).required(),
      ...named,
      value: words()
        .required()
        .test('offered', 'A dial stands at some of its choices.', (value, { parent }) =>
          (value ?? []).every((each) => ((parent as SeveralDial).choices ?? []).includes(each)),
        ),
      choices: words().required().min(1, 'A dial has at least one choice.'),
    }),
  stands: ({ value }) => value,
  at: (value, words) => {
    const chosen = wordsIn(value);
    const choices = [...new Set([...chosen, ...words])].slice(0, mostChoices);
    return { kind: 'several', value: chosen, choices };
  },
  turns: ({ choices }) => ({ by: 'several', choices }),
  turnedTo: ({ choices }, to) => choices.filter((choice) => wordsIn(to).includes(choice)),
};
