/** Different words that are remembered for one column; a word met again beyond gets another code. */
const mostRemembered = 50_000;

/** Gives the words of a version's text columns their codes. */
export class WordCodes {
  private readonly known = new Map<number, { codes: Map<string, number>; next: number }>();
  private fresh: [place: number, code: number, word: string][] = [];

  codeOf(place: number, word: string): number {
    const column = this.known.get(place) ?? { codes: new Map<string, number>(), next: 0 };
    this.known.set(place, column);
    const before = column.codes.get(word);
    if (before !== undefined) return before;
    const code = column.next++;
    if (column.codes.size < mostRemembered) column.codes.set(word, code);
    this.fresh.push([place, code, word]);
    return code;
  }

  /** The words that have been given a code since this was last asked. */
  takeFresh() {
    const { fresh } = this;
    this.fresh = [];
    return fresh;
  }
}
