import type { TextColumn } from '../table';

/**
 * The word of another column that each word of a split goes with, which gives it its colour: that of
 * the first row that has both. Words that go with none, and the rest of a ranking, have the empty one.
 */
export function colourGroups(split: TextColumn, by: TextColumn, keys: readonly string[]): string[] {
  const found = new Map<string, string>();
  for (let row = 0; row < split.codes.length && found.size <= split.words.length; row += 1) {
    const group = by.words[by.codes[row] as number];
    const word = split.words[split.codes[row] as number] ?? '';
    if (group !== undefined && !found.has(word)) found.set(word, group);
  }
  return keys.map((key) => found.get(key) ?? '');
}
