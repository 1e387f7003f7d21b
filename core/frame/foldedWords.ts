import { textColumn, type TextColumn } from '../table';

/**
 * The word that stands for all the rest: one that none of the words is.
 * @param words those that are drawn by themselves
 */
export const othersWord = (words: readonly string[]): string => {
  const free = (number: number): string => {
    const word = number === 1 ? 'Others' : `Others (${number})`;
    return words.includes(word) ? free(number + 1) : word;
  };
  return free(1);
};

/** The same column with all words but some counted as one. */
export function foldWords(split: TextColumn, kept: readonly string[], others: string): TextColumn {
  const words = [...kept.filter((word) => word !== ''), others];
  const blank = kept.includes('') ? -1 : words.length - 1;
  const places = split.words.map((word) => {
    const place = kept.includes(word) ? words.indexOf(word) : -1;
    return place < 0 ? words.length - 1 : place;
  });
  return textColumn(
    split.name,
    split.codes.map((code) => (code < 0 ? blank : (places[code] as number))),
    words,
  );
}
