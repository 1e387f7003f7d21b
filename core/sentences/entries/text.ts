import { nothing } from '../combined';
import type { Entry } from '../entry';
import { isPlainName, quoted, writeName } from '../names';
import type { Read, Reader } from '../reader';

const straight = /"((?:[^"]|"")*)"/y;
const curly = /[“„]([^“”]*)[”“]/y;

/** A text between quotes at a place; null for none. */
export function quotedAt(at: number, reader: Reader): Read<string> | null {
  const found = reader.match(at, straight);
  if (found)
    return {
      value: (found[1] as string).replaceAll('""', '"'),
      to: found.index + found[0].length,
    };
  const other = reader.match(at, curly);
  return other && { value: other[1] as string, to: other.index + other[0].length };
}

const isText = (value: unknown): boolean => typeof value === 'string';

/** A text between quotes. */
export const text: Entry<string> = {
  print: quoted,
  draft: () => '',
  fits: isText,
  setting: () => ({ control: 'text' }),
  read: (at, reader) => {
    const found = quotedAt(at, reader);
    reader.expect(at, { text: 'a text between quotes', open: true });
    return found ? [found] : nothing;
  },
};

/**
 * The same, of a text that says something from the first.
 * @param first what it says until another is written
 */
export const textAs = (first: string): Entry<string> => ({ ...text, draft: () => first });

const bare = /[\p{L}\p{N}]+/uy;

/** A word of a category, or another name that nothing lists: between quotes, or plain with a capital. */
export const word: Entry<string> = {
  print: (value, names) => (names.bare && value === '' ? 'blank' : writeName(value, names)),
  draft: () => '',
  fits: isText,
  setting: () => ({ control: 'word' }),
  read: (at, reader) => {
    const found = quotedAt(at, reader);
    if (found) return [found];
    reader.expect(at, { text: 'a word, between quotes when it is none', open: true });
    const plain = reader.match(at, bare);
    return plain && isPlainName(plain[0])
      ? [{ value: plain[0], to: plain.index + plain[0].length }]
      : nothing;
  },
};
