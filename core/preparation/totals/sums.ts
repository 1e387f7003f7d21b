/** The figures of a row across its columns, or of a column down its rows; null where there is none. */
export type Line = readonly (number | null)[];

/** A line that is the sum, or the mean, of lines that stand together beside it. */
export interface Found {
  kind: 'sum' | 'mean';
  /** how many lines it is of */
  parts: number;
  /** digits by which it is, and not by chance: of 4,300 and 12 they are four */
  digits: number;
}

/** Which lines may be found as totals: those that say so, those that say nothing, or none. */
export type Says = 'named' | 'silent' | 'no';

/** A line that says nothing is a total only by so many digits, which chance does not bring. */
export const enoughDigits = 4;

/** Runs of lines that a total is looked for over begin after one of so many totals before it. */
const mostStarts = 40;

/**
 * Finds the lines that end a run of lines and add them up: subtotals, then totals over what they are of.
 * A line that says that it is a total has to be one in half of its figures, as a price is not added up;
 * one that says nothing in all of them, over all lines before it, and it has to be the last one.
 * @param says what a line says of itself, by its place
 * @returns by the place of the line, with no fewer than two parts
 */
export function findSums(lines: readonly Line[], says: (at: number) => Says): Map<number, Found> {
  const found = new Map<number, Found>();
  const width = lines.reduce((most, line) => Math.max(most, line.length), 0);
  const run = new Run(width, lines.length);
  const starts = [0];
  lines.forEach((line, at) => {
    const said = says(at);
    const from = said === 'named' ? [...starts].reverse() : [0];
    const least = said === 'named' ? 0.5 : 1;
    if (said === 'named' || (said === 'silent' && at === lines.length - 1))
      for (const start of from) {
        const fit = run.fit(line, start, least);
        if (!fit || (said === 'silent' && fit.digits < enoughDigits)) continue;
        found.set(at, fit);
        if (fit.kind === 'sum') starts.push(run.length);
        if (starts.length > mostStarts) starts.splice(1, 1);
        return;
      }
    run.add(line);
  });
  return found;
}

/** Lines that follow one another, summed up as they come, so that every end of them is summed at once. */
class Run {
  length = 0;
  private readonly lines: Line[] = [];
  /** after so many lines, column by column: their sum, the sum of their sizes, and how many they are */
  private readonly sums: Float64Array;
  private readonly sizes: Float64Array;
  private readonly counts: Float64Array;

  constructor(
    private readonly width: number,
    most: number,
  ) {
    const room = (most + 1) * width;
    [this.sums, this.sizes, this.counts] = [
      new Float64Array(room),
      new Float64Array(room),
      new Float64Array(room),
    ];
  }

  add(line: Line) {
    const [before, after] = [this.length * this.width, (this.length + 1) * this.width];
    for (let place = 0; place < this.width; place += 1) {
      const figure = line[place] ?? null;
      const [from, to] = [before + place, after + place];
      this.sums[to] = (this.sums[from] as number) + (figure ?? 0);
      this.sizes[to] = (this.sizes[from] as number) + Math.abs(figure ?? 0);
      this.counts[to] = (this.counts[from] as number) + (figure === null ? 0 : 1);
    }
    this.lines.push(line);
    this.length += 1;
  }

  /** What a line is of the lines from a place on. */
  fit(line: Line, from: number, least: number): Found | null {
    return this.fits('sum', line, from, least) ?? this.fits('mean', line, from, least);
  }

  private fits(kind: Found['kind'], line: Line, from: number, least: number): Found | null {
    const compared = this.compare(kind, line, from);
    const right = compared.filter(({ isRight }) => isRight);
    const telling = right.filter(({ place }) => this.varies(place, from));
    const parts = Math.max(0, ...telling.map((each) => each.parts));
    if (parts < 2 || right.length < least * compared.length) return null;
    const digits = telling.reduce((sum, { place }) => sum + digitsOf(line[place] as number), 0);
    return { kind, parts, digits };
  }

  private compare(kind: Found['kind'], line: Line, from: number) {
    const between = (kept: Float64Array, place: number) =>
      (kept[this.length * this.width + place] as number) -
      (kept[from * this.width + place] as number);
    return line.flatMap((figure, place) => {
      if (figure === null) return [];
      const parts = between(this.counts, place);
      if (parts < 2) return [];
      const expected = between(this.sums, place) / (kind === 'mean' ? parts : 1);
      const isRight = Math.abs(expected - figure) <= 1e-9 * between(this.sizes, place);
      return [{ place, parts, isRight }];
    });
  }

  /** Of figures that are all equal, or all zero, nothing can be told. */
  private varies(place: number, from: number): boolean {
    const figures = this.lines.slice(from).flatMap((line) => line[place] ?? []);
    return figures.some((figure) => figure !== figures[0]);
  }
}

/** The digits of a figure without the zeros that only place them. */
export const digitsOf = (figure: number): number =>
  String(Math.abs(figure))
    .replace(/e.*$/i, '')
    .replace('.', '')
    .replace(/^0+|0+$/g, '').length;
