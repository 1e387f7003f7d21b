/** A name is written in no more lines than these. */
const mostLines = 3;

/**
 * A text in as few lines as it takes, broken between its words.
 * @param width of the lines, in pixels
 * @param measure how wide a text is, in pixels
 * @returns null where a word is wider than the lines, or they are too many: it is then not written at all
 */
export function wrapped(
  text: string,
  width: number,
  measure: (text: string) => number,
): readonly string[] | null {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    if (measure(word) > width) return null;
    const last = lines.at(-1);
    const longer = last === undefined ? null : `${last} ${word}`;
    if (longer !== null && measure(longer) <= width) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines.length <= mostLines ? lines : null;
}
