import { nothing } from '../combined';
import type { Entry } from '../entry';
import { type NameOf, quoted } from '../names';
import type { Reader } from '../reader';
import { quotedAt } from './text';

const piece = /"(?:[^"]|"")*"|[()]|[^"()]+|"/y;

/** Where the parenthesis that opens at a place closes; -1 when it does not. Those in quotes are text. */
function closing(text: string, from: number): number {
  let depth = 0;
  piece.lastIndex = from;
  for (let found = piece.exec(text); found; found = piece.exec(text)) {
    if (found[0] === '(') depth += 1;
    if (found[0] === ')') depth -= 1;
    if (depth === 0) return found[0] === ')' ? found.index : -1;
    if (found[0] === '"') return -1;
  }
  return -1;
}

const isBalanced = (text: string) => closing(`(${text})`, 0) === text.length + 1;

function within(at: number, reader: Reader) {
  const from = reader.words(at, '(') - 1;
  const to = from < 0 ? -1 : closing(reader.text, from);
  return to < 0 ? null : { value: reader.text.slice(from + 1, to), to: to + 1 };
}

/**
 * A formula between parentheses; between quotes where its own do not match.
 * @param of what it can name
 */
export const formulaOver = (...of: NameOf[]): Entry<string> => ({
  print: (value, names) => (isBalanced(value) ? `(${value})` : quoted(value, names)),
  read: (at, reader) => {
    const found = within(at, reader) ?? quotedAt(at, reader);
    return found ? [found] : nothing;
  },
  draft: () => '',
  fits: (value) => typeof value === 'string',
  setting: () => ({ control: 'formula', of }),
});
