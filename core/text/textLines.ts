/** A line of a text that says something, with the comment over it. */
export interface WrittenLine {
  /** from 1 */
  number: number;
  text: string;
  /** empty without one */
  comment: string;
  /** nothing stands in the line before it */
  begins: boolean;
}

/** The lines of a text, without those that say nothing; a comment belongs to the line under it. */
export function writtenLines(text: string): WrittenLine[] {
  const lines: WrittenLine[] = [];
  let comment: string[] = [];
  let begins = true;
  text.split(/\r\n|\r|\n/).forEach((line, at) => {
    const trimmed = line.trim();
    if (trimmed === '') begins = true;
    else if (trimmed.startsWith('#')) comment.push(trimmed.slice(1).trim());
    else {
      lines.push({ number: at + 1, text: trimmed, comment: comment.join('\n'), begins });
      comment = [];
      begins = false;
    }
  });
  return lines;
}
