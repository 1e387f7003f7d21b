import { nothing } from '../combined';
import type { Entry } from '../entry';
import type { Drawn } from '../entry';

/**
 * What is one of few, each with its words.
 * @param drawn as what they are drawn beside their words; left out: they are words alone
 */
export const oneOf = <Value>(
  choices: readonly (readonly [Value, string])[],
  drawn?: Drawn,
): Entry<Value> => ({
  print: (value) => choices.find(([each]) => each === value)?.[1] ?? '',
  read: (at, reader) =>
    choices.flatMap(([value, words]) => {
      const to = reader.words(at, words);
      return to < 0 ? nothing : [{ value, to }];
    }),
  draft: () => choices[0]?.[0] as Value,
  fits: (value) => choices.some(([each]) => each === value),
  setting: () => ({ control: 'choice', choices, ...(drawn && { drawn, called: drawn }) }),
});

/**
 * The same, of texts with their words.
 * @param words by value
 * @param drawn how its control shows the choices
 */
export const choice = <Value extends string>(
  words: Readonly<Record<Value, string>>,
  drawn?: Drawn,
): Entry<Value> => oneOf(Object.entries(words) as [Value, string][], drawn);

/**
 * What holds or does not: its words say that it does, and silence that it does not, or the other
 * way.
 * @param value the one that its words say
 */
export const said = <Value>(value: Value, words: string): Entry<Value> => oneOf([[value, words]]);

/** What may be said to hold, or not to. */
export const yesOrNo = (yes: string, no: string): Entry<boolean> =>
  oneOf([
    [true, yes],
    [false, no],
  ]);
