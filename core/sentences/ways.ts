import { nothing } from './combined';
import type { Entry } from './entry';
import type { Said, Sentence } from './sentence';

/**
 * Something that one of several sentences says, by what it is.
 * @param all by what tells a definition of each, and its sentence; the first that fits speaks
 */
export const ways = <Definition extends object>(
  ...all: readonly (readonly [(definition: Definition) => boolean, Said<Definition>])[]
): Said<Definition> => ({
  print: (definition, names) =>
    all.find(([is]) => is(definition))?.[1].print(definition, names) ?? '',
  read: (at, reader) => all.flatMap(([, entry]) => entry.read(at, reader)),
  draft: (about) => firstOf(all)[1].draft(about),
  fits: (value) => all.some(([, entry]) => entry.fits(value)),
  setting: () => ({
    control: 'ways',
    ways: all.map(([is, entry]) => ({
      is: is as (value: unknown) => boolean,
      entry: entry as Entry<unknown>,
    })),
  }),
  and: <More extends object>(more: Sentence<More>) =>
    ways<Definition & More>(...all.map(([is, entry]) => [is, entry.and(more)] as const)),
});

function firstOf<Each>(all: readonly Each[]): Each {
  const [first] = all;
  if (first === undefined) throw new Error('There is at least one way to say something.');
  return first;
}

/** A kind of a thing with the sentence that says it. */
interface SaidKind<Definition extends { kind: string }> {
  kind: Definition['kind'];
  sentence: Said<Definition>;
}

/** A thing of any kind of a list: each says itself. */
export const ofKind = <Definition extends { kind: string }>(
  kinds: readonly SaidKind<Definition>[],
): Said<Definition> =>
  ways(
    ...kinds.map(
      ({ kind, sentence }) =>
        [(definition: Definition) => definition.kind === kind, sentence] as const,
    ),
  );

/** Of more of one thing than these, the last are counted where they are only seen. */
const mostSeen = 4;

/**
 * Several of one thing: A, B and C.
 * @param joint what stands before the last of them
 */
export const several = <Value>(
  entry: Entry<Value>,
  joint: 'and' | 'or' = 'and',
): Entry<Value[]> => ({
  print: (values, names) => {
    const seen = names.bare && values.length > mostSeen ? values.slice(0, mostSeen - 1) : values;
    const written = seen.map((value) => entry.print(value, names));
    if (seen.length < values.length)
      return `${written.join(', ')} ${joint} ${values.length - seen.length} more`;
    return written.length < 2
      ? written.join('')
      : `${written.slice(0, -1).join(', ')} ${joint} ${written.at(-1)}`;
  },
  read: (at, reader) => {
    const found: { value: Value[]; to: number }[] = [];
    const goOn = (values: Value[], from: number) => {
      for (const { value, to } of entry.read(from, reader)) {
        const all = [...values, value];
        found.push({ value: all, to });
        for (const mark of [',', joint]) {
          const next = reader.words(to, mark);
          if (next >= 0) goOn(all, next);
        }
      }
    };
    goOn([], at);
    return found;
  },
  draft: (about) => [entry.draft(about)],
  fits: (value) => Array.isArray(value) && value.every((each) => entry.fits(each)),
  setting: () => ({ control: 'several', of: entry as Entry<unknown> }),
});

/**
 * The same, with words of its own for none.
 * @param none the words for an empty list
 */
export const orNone = <Value>(none: string, entry: Entry<Value[]>): Entry<Value[]> => ({
  print: (values, names) => (values.length === 0 ? none : entry.print(values, names)),
  read: (at, reader) => {
    const to = reader.words(at, none);
    return [...(to < 0 ? nothing : [{ value: [], to }]), ...entry.read(at, reader)];
  },
  draft: (about) => entry.draft(about),
  fits: (value) => entry.fits(value),
  setting: () => entry.setting(),
});

/**
 * Two of one thing, with words between them.
 * @param joint the words between them, with their spaces
 */
export const pair = <Value>(entry: Entry<Value>, joint: string): Entry<[Value, Value]> => ({
  print: ([one, two], names) => `${entry.print(one, names)}${joint}${entry.print(two, names)}`,
  read: (at, reader) =>
    entry.read(at, reader).flatMap((one) => {
      const from = reader.words(one.to, joint);
      if (from < 0) return nothing;
      return entry
        .read(from, reader)
        .map((two) => ({ value: [one.value, two.value] as [Value, Value], to: two.to }));
    }),
  draft: (about) => [entry.draft(about), entry.draft(about)],
  fits: (value) => Array.isArray(value) && value.every((each) => entry.fits(each)),
  setting: () => ({ control: 'pair', of: entry as Entry<unknown>, joint }),
});
