import isEqual from 'fast-deep-equal';
import leven from 'leven';
import type { Written } from './entry';
import type { Names } from './names';
import { type Expected, Reader } from './reader';

/** Why a text is no sentence, in words, and where. */
export interface TextProblem {
  sentence: string;
  /** where it stands in the text, in characters from 0, and where it ends */
  from: number;
  to: number;
}

export type TextRead<Value> = { value: Value } | { problem: TextProblem };

/**
 * Reads a whole text as one sentence.
 * @param names what it can name
 */
export function readText<Value>(
  entry: Written<Value>,
  text: string,
  names: Names,
): TextRead<Value> {
  const reader = new Reader(text, names);
  const whole = entry.read(0, reader).filter(({ to }) => {
    const isWhole = reader.isEnd(to);
    if (!isWhole) reader.expect(to, { text: 'the end of the line', open: true });
    return isWhole;
  });
  const [first, ...others] = whole;
  if (!first) return { problem: problemOf(reader) };
  const other = others.find(({ value }) => !isEqual(value, first.value));
  if (!other) return { value: first.value };
  const readings = [first, other].map(({ value }) => `‘${entry.print(value, names)}’`);
  const sentence = `This can be read as ${readings.join(' or as ')}. Put names between quotes.`;
  return { problem: { sentence, from: 0, to: text.length } };
}

const word = /\S+/y;

function problemOf(reader: Reader): TextProblem {
  const from = reader.farthest;
  const found = reader.match(from, word)?.[0].replace(/[,.;]+$/, '') ?? '';
  const expected = unique(reader.expected.map(({ text }) => text)).filter((each) => each !== ',');
  const names = expected.slice(0, mostNamed).join('; ');
  const wanted = `Expected: ${names}${expected.length > mostNamed ? ', and more' : ''}.`;
  if (found === '')
    return { sentence: `The line ends here. ${wanted}`, from, to: reader.text.length };
  const near = nearest(found, reader.expected);
  const nearby = near === null ? '' : ` Nearest: ${near}.`;
  return {
    sentence: `“${found}” is not known here. ${wanted}${nearby}`,
    from,
    to: from + found.length,
  };
}

/** As many as are read before somebody stops reading. */
const mostNamed = 8;

const unique = <Value>(values: readonly Value[]) => [...new Set(values)];

/** What is most like a word that was written; null when nothing is. */
function nearest(written: string, expected: readonly Expected[]): string | null {
  const [first] = expected
    .filter(({ open }) => !open)
    .map(({ text }) => {
      const [begins = ''] = text.replaceAll('"', '').split(' ');
      return { text, far: leven(begins.toLowerCase(), written.replaceAll('"', '').toLowerCase()) };
    })
    .sort((one, two) => one.far - two.far);
  return first && first.far <= Math.max(1, written.length / 2) ? first.text : null;
}

/** What a text can go on with. */
export interface Offer {
  /** the place in the text from which on it stands */
  from: number;
  text: string;
  /** it is what has to be written, as "a number", and cannot be taken */
  open: boolean;
}

/** The last word of a text that is being written; empty behind a space. */
const lastWord = /[\p{L}\p{N}]*$/u;

/**
 * What a text that is being written can go on with: what completes its last word, then what can follow.
 * @param names what it can name
 */
export function offersFor<Value>(entry: Written<Value>, text: string, names: Names): Offer[] {
  const begun = lastWord.exec(text)?.[0] ?? '';
  const from = text.length - begun.length;
  const within = expectedAt(entry, text, names, from).filter(
    ({ text: offered, open }) =>
      begun === '' || (!open && wordsBegin(offered, begun) && offered.length > begun.length),
  );
  const after = begun === '' ? [] : expectedAt(entry, text, names, text.length);
  const found = [
    ...within.map((each) => ({ ...each, from })),
    ...after.map((each) => ({ ...each, from: text.length })),
  ];
  const seen = new Set<string>();
  return found.flatMap(({ text: offered, open = false, from: place }) => {
    const key = `${place} ${offered}`;
    if (seen.has(key) || offered === '' || offered === ',') return [];
    seen.add(key);
    return [{ from: place, text: offered, open }];
  });
}

/** Whether words begin so, the quotes of a name left aside. */
const wordsBegin = (words: string, begun: string) =>
  words.replace(/^"/, '').toLowerCase().startsWith(begun.toLowerCase());

function expectedAt<Value>(entry: Written<Value>, text: string, names: Names, at: number) {
  const reader = new Reader(text, names, at);
  entry.read(0, reader);
  return reader.expectedThere;
}
