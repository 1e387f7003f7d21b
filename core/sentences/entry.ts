import type { Names } from './names';
import type { Read, Reader } from './reader';

/** An entry of the vocabulary: what can be set in a sentence, how it is written and how it is read. */
export interface Entry<Value> {
  /** Writes a value so that reading it gives the same. */
  print(value: Value, names: Names): string;
  /** Every way to read a value at a place; the reader is told what else could have stood there. */
  read(at: number, reader: Reader): readonly Read<Value>[];
}

export const nothing: readonly [] = [];

/** The same entry for values of another form. */
export const mapped = <Inner, Value>(
  entry: Entry<Inner>,
  to: (inner: Inner) => Value,
  from: (value: Value) => Inner,
): Entry<Value> => ({
  print: (value, names) => entry.print(from(value), names),
  read: (at, reader) =>
    entry.read(at, reader).map((each) => ({ value: to(each.value), to: each.to })),
});

/** A value with words before it, after it, or both. */
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
});

/** A value of one of two forms: each says whether a value is of it. */
export const either = <One, Other>(
  one: Entry<One>,
  isOne: (value: One | Other) => value is One,
  other: Entry<Other>,
): Entry<One | Other> => ({
  print: (value, names) => (isOne(value) ? one.print(value, names) : other.print(value, names)),
  read: (at, reader) => [...one.read(at, reader), ...other.read(at, reader)],
});

/** An entry that is known only when it is asked: of kinds that hold others of their kind. */
export const later = <Value>(entry: () => Entry<Value>): Entry<Value> => ({
  print: (value, names) => entry().print(value, names),
  read: (at, reader) => entry().read(at, reader),
});

/** The same entry, with words for none. */
export const nullable = <Value>(none: string, entry: Entry<Value>): Entry<Value | null> => ({
  print: (value, names) => (value === null ? none : entry.print(value, names)),
  read: (at, reader) => {
    const to = reader.words(at, none);
    return [...(to < 0 ? nothing : [{ value: null, to }]), ...entry.read(at, reader)];
  },
});
