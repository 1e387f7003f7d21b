import { writtenName } from '../../core/formula';

const functionNames = ['if(', 'min(', 'max(', 'abs(', 'round('];

/**
 * The formula with the word that is being written at its end completed, in each way there is: a name of
 * several words from its first on, however many of them are written.
 */
export function completions(text: string, names: readonly string[]): string[] {
  const known = [...names.map(writtenName), ...functionNames];
  const found = beginnings(text).flatMap((from) => {
    const begun = text.slice(from).replace('"', '').toLowerCase();
    return known
      .filter((name) => {
        const plain = name.replaceAll('"', '').toLowerCase();
        const isQuoted = text[from] === '"';
        return plain.startsWith(begun) && plain !== begun && !(isQuoted && name.endsWith('('));
      })
      .map((name) => text.slice(0, from) + name);
  });
  return [...new Set(found)].slice(0, 8);
}

/** Where a name that is being written at the end of a formula may begin, the farthest back first. */
const beginnings = (text: string): number[] => {
  const [words = ''] = /"?[\p{L}_][\p{L}\d_ ]*$/u.exec(text) ?? [];
  const from = text.length - words.length;
  return [...words.matchAll(/(?<![\p{L}\d_"])["\p{L}_]/gu)].map(({ index }) => from + index);
};
