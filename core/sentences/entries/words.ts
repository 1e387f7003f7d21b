import { type Entry, nothing } from '../entry';

/** What is one of few, each with its words. */
export const oneOf = <Value>(choices: readonly (readonly [Value, string])[]): Entry<Value> => ({
  print: (value) => choices.find(([each]) => each === value)?.[1] ?? '',
  read: (at, reader) =>
    choices.flatMap(([value, words]) => {
      const to = reader.words(at, words);
      return to < 0 ? nothing : [{ value, to }];
    }),
});

/** The same, of texts with their words. */
export const choice = <Value extends string>(
  words: Readonly<Record<Value, string>>,
): Entry<Value> => oneOf(Object.entries(words) as [Value, string][]);

/** What holds or does not: its words say that it does, and silence that it does not, or the other way. */
export const said = <Value>(value: Value, words: string): Entry<Value> => oneOf([[value, words]]);

/** What may be said to hold, or not to. */
export const yesOrNo = (yes: string, no: string): Entry<boolean> =>
  oneOf([
    [true, yes],
    [false, no],
  ]);
