import type { Entry } from './entry';
import { called } from './setting';

export const nothing: readonly [] = [];

/**
 * The same entry for values of another form.
 * @param to from the entry's own value
 * @param from back to it
 */
export const mapped = <Inner, Value>(
  entry: Entry<Inner>,
  to: (inner: Inner) => Value,
  from: (value: Value) => Inner,
): Entry<Value> => ({
  print: (value, names) => entry.print(from(value), names),
  read: (at, reader) =>
    entry.read(at, reader).map((each) => ({ value: to(each.value), to: each.to })),
  draft: (about) => to(entry.draft(about)),
  fits: (value) => value !== undefined && value !== null && entry.fits(from(value as Value)),
  setting: () => ({
    control: 'mapped',
    inner: entry.setting(),
    to: to as (inner: unknown) => unknown,
    from: from as (value: unknown) => unknown,
  }),
});

/**
 * A value with words before it, after it, or both.
 * @param before words with their spaces, as they stand in a sentence
 * @param after the same
 */
export const between = <Value>(before: string, entry: Entry<Value>, after = ''): Entry<Value> => ({
  print: (value, names) => `${before}${entry.print(value, names)}${after}`,
  read: (at, reader) => {
    const start = reader.words(at, before);
    if (start < 0) return nothing;
    return entry.read(start, reader).flatMap(({ value, to }) => {
      const end = reader.words(to, after);
      return end < 0 ? nothing : [{ value, to: end }];
    });
  },
  draft: (about) => entry.draft(about),
  fits: (value) => entry.fits(value),
  setting: () => called(before.trim() || after.trim(), entry.setting()),
});

/**
 * The same entry under a name of its own, where the words that lead to it do not tell what it sets.
 * @param name as in "over"
 */
export const named = <Value>(name: string, entry: Entry<Value>): Entry<Value> => ({
  ...entry,
  setting: () => called(name, entry.setting()),
});

/**
 * A value of one of two forms: each says whether a value is of it.
 * @param isOne whether a value is of the first form
 */
export const either = <One, Other>(
  one: Entry<One>,
  isOne: (value: One | Other) => value is One,
  other: Entry<Other>,
): Entry<One | Other> => ({
  print: (value, names) => (isOne(value) ? one.print(value, names) : other.print(value, names)),
  read: (at, reader) => [...one.read(at, reader), ...other.read(at, reader)],
  draft: (about) => one.draft(about),
  fits: (value) => one.fits(value) || other.fits(value),
  setting: () => ({
    control: 'ways',
    ways: [
      { is: (value) => isOne(value as One | Other), entry: one as Entry<unknown> },
      { is: (value) => !isOne(value as One | Other), entry: other as Entry<unknown> },
    ],
  }),
});

/**
 * An entry that is known only when it is asked: of kinds that hold others of their kind.
 * @param entry asked at every use
 */
export const later = <Value>(entry: () => Entry<Value>): Entry<Value> => ({
  print: (value, names) => entry().print(value, names),
  read: (at, reader) => entry().read(at, reader),
  draft: (about) => entry().draft(about),
  fits: (value) => entry().fits(value),
  setting: () => entry().setting(),
});

/** Words alone, for one value. */
const worded = <Value>(value: Value, words: string): Entry<Value> => ({
  print: () => words,
  read: (at, reader) => {
    const to = reader.words(at, words);
    return to < 0 ? nothing : [{ value, to }];
  },
  draft: () => value,
  fits: (each) => each === value,
  setting: () => ({ control: 'choice', choices: [[value, words]] }),
});

/**
 * The same entry, with words for none.
 * @param none the words for null
 */
export const nullable = <Value>(none: string, entry: Entry<Value>): Entry<Value | null> =>
  either<null, Value>(worded(null, none), (value): value is null => value === null, entry);
