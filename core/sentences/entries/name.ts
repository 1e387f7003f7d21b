import { isSameName } from '../../formula';
import { nothing } from '../combined';
import type { Entry } from '../entry';
import { type Named, type NameOf, quoted, writeName, writeNamed } from '../names';
import type { Read, Reader } from '../reader';
import { number } from './number';
import { quotedAt, text } from './text';

const letter = /[\p{L}\p{N}]/u;

/** The names in a list that stand at a place without quotes. */
function bareAt(at: number, reader: Reader, known: readonly Named[]): Read<string>[] {
  const from = reader.next(at);
  return known.flatMap(({ name }) => {
    const to = from + name.length;
    const stands = isSameName(reader.text.slice(from, to), name);
    const isWhole = !letter.test(name.at(-1) ?? '') || !letter.test(reader.text[to] ?? '');
    return name !== '' && stands && isWhole ? [{ value: name, to }] : nothing;
  });
}

/**
 * Every name that stands at a place: between quotes, or one of a list without them.
 * @param at a place in the reader's text
 * @param known all that could be named there
 * @returns each name with the place after it
 */
export function namesAt(at: number, reader: Reader, known: readonly Named[]): Read<string>[] {
  const found = quotedAt(at, reader);
  if (found) return [found];
  const bare = bareAt(at, reader, known);
  return bare.filter(({ to }, place) => bare.findIndex((each) => each.to === to) === place);
}

const whole = number({ whole: true, from: 0 });

/** Whether something is of a kind that is asked for, as far as that is known. */
export const suits = (each: Named, kinds: readonly string[] = []) =>
  kinds.length === 0 || each.kind === undefined || kinds.includes(each.kind);

/**
 * Something that has a name, kept as its id. What is not there any more is written as missing, with its id.
 * @param of what it is, as a place to look for it
 * @param read the id that is written of what is missing
 * @param kinds what it has to be to be offered; left out: anything
 */
function named<Id extends string | number>(
  of: NameOf,
  read: (id: string) => Id,
  kinds: readonly string[] = [],
): Entry<Id> {
  const missing = `the missing ${of}`;
  const gone = new RegExp(`${missing}(?=\\s*")`, 'iy');
  return {
    draft: ({ names }) => read(String(names[of]?.find((each) => suits(each, kinds))?.id ?? '')),
    fits: (value) => typeof value === typeof read('0'),
    setting: () => ({ control: 'name', of: [of], called: of, ...(kinds.length > 0 && { kinds }) }),
    print: (id, names) => {
      const known = names[of] ?? [];
      const found = known.find((each) => each.id === id);
      return found ? writeNamed(known, found, names) : `${missing} ${quoted(String(id), names)}`;
    },
    read: (at, reader) => {
      const known = reader.names[of] ?? [];
      for (const each of known)
        if (suits(each, kinds)) reader.expect(at, { text: writeNamed(known, each) });
      if (known.length === 0) reader.expect(at, { text: `the name of a ${of}`, open: true });
      const found = namesAt(at, reader, known).flatMap(({ value, to }) =>
        numbered(
          known.filter(({ name }) => isSameName(name, value)),
          to,
          reader,
        ),
      );
      if (found.length > 0) return found as Read<Id>[];
      const start = reader.match(at, gone);
      if (!start) return nothing;
      return text
        .read(start.index + start[0].length, reader)
        .map(({ value, to }) => ({ value: read(value), to }));
    },
  };
}

/** Of several that share a name, the one whose number stands after it; all of them where none does. */
function numbered(alike: readonly Named[], at: number, reader: Reader): Read<string | number>[] {
  if (alike.length < 2) return alike.map(({ id }) => ({ value: id, to: at }));
  const start = reader.words(at, 'number');
  if (start < 0) return alike.map(({ id }) => ({ value: id, to: at }));
  return whole.read(start, reader).flatMap(({ value, to }) => {
    const chosen = alike.find(({ id }) => String(id) === String(value));
    return chosen ? [{ value: chosen.id, to }] : nothing;
  });
}

/**
 * The id of a part of the chart, by its name.
 * @param of what kind of part
 * @param kinds only those of these kinds, as a dial of dates
 */
export const partName = (
  of: 'series' | 'yardstick' | 'dial',
  ...kinds: readonly string[]
): Entry<string> => named(of, (id) => id, kinds);

/** The number of something that is kept beside charts, by its name. */
export const storedName = (of: 'source' | 'measure' | 'chart'): Entry<number> => named(of, Number);

/**
 * A column of a source: any name between quotes, or one that is known.
 * @param kind what its cells have to be for it to be offered; left out: anything
 */
export const columnOf = (kind?: 'date' | 'number' | 'text'): Entry<string> => ({
  draft: ({ names }) => names.column?.find((each) => suits(each, kind && [kind]))?.name ?? '',
  fits: (value) => typeof value === 'string',
  setting: () => ({ control: 'column', called: 'column', ...(kind && { kind }) }),
  print: writeName,
  read: (at, reader) => {
    const known = reader.names.column ?? [];
    for (const each of known)
      if (suits(each, kind && [kind])) reader.expect(at, { text: writeName(each.name) });
    if (known.length === 0) reader.expect(at, { text: 'the name of a column', open: true });
    const found = namesAt(at, reader, known);
    return found.length > 0 ? found : plainAt(at, reader);
  },
});

/** A column whose cells may be anything. */
export const column = columnOf();

const bareWord = /\p{Lu}[\p{L}\p{N}]*/uy;

function plainAt(at: number, reader: Reader): Read<string>[] {
  const found = reader.match(at, bareWord);
  return found ? [{ value: found[0], to: found.index + found[0].length }] : [];
}
