import { cutText, plainText } from '../values';

const longestName = 190;

/**
 * Makes names of columns of what stands in the head: never blank, no two alike. A name that stands in
 * the file is not taken by another column.
 */
export function columnNames(head: readonly string[]): string[] {
  const written = head.map(
    (cell, place) =>
      cutText(plainText(cell.replace(/\s+/g, ' ').trim()), longestName) || `Column ${place + 1}`,
  );
  const taken = new Set<string>();
  return written.map((name) => {
    let own = name;
    for (let time = 2; taken.has(own) || (time > 2 && written.includes(own)); time += 1)
      own = `${name} (${time})`;
    taken.add(own);
    return own;
  });
}
