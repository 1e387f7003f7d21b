/** What a workbook holds that nobody sees who opens it, or that looks otherwise there. */
export interface UnseenCells {
  hiddenRows: number;
  /** formulas whose result the file does not keep */
  withoutResult: number;
}

const hiddenRow = /<(?:\w+:)?row\b[^>]*\bhidden="(?:1|true)"[^>]*>/g;
const withoutResult =
  /<(?:\w+:)?c\b[^>]*>\s*<(?:\w+:)?f\b[^>]*(?:\/>|>[^<]*<\/(?:\w+:)?f>)\s*(?:<(?:\w+:)?v\s*\/>|<(?:\w+:)?v><\/(?:\w+:)?v>)?\s*<\/(?:\w+:)?c>/g;

/** A tag may be cut between two parts; one that is longer than this says nothing that is counted. */
const longest = 4096;

/** Counts them in the sheets of a workbook, part by part. */
export class UnseenCounter {
  private readonly counts = [hiddenRow, withoutResult].map((expression) => ({
    expression,
    count: 0,
    rest: '',
  }));

  look(part: Buffer) {
    const text = part.toString('latin1');
    for (const each of this.counts) {
      const whole = each.rest + text;
      let done = 0;
      for (const found of whole.matchAll(each.expression)) {
        done = found.index + found[0].length;
        each.count += 1;
      }
      each.rest = whole.slice(Math.max(done, whole.length - longest));
    }
  }

  found(): UnseenCells {
    const [hidden, without] = this.counts.map(({ count }) => count);
    return { hiddenRows: hidden ?? 0, withoutResult: without ?? 0 };
  }
}

/** What is said of them, where there are any. */
export function sayUnseen({ hiddenRows, withoutResult: formulas }: UnseenCells): string[] {
  const many = (count: number, one: string) =>
    `${count.toLocaleString('en-GB')} ${one}${count === 1 ? '' : 's'}`;
  return [
    ...(hiddenRows > 0
      ? [
          `The workbook has ${many(hiddenRows, 'hidden row')}; those of the sheet that is read come in too.`,
        ]
      : []),
    ...(formulas > 0
      ? [
          `The workbook does not keep the result of ${many(formulas, 'formula')}, which come in blank. Open it in a spreadsheet program, save it there, and choose it again.`,
        ]
      : []),
  ];
}
