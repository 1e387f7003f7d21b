import { cutText, decimalsOf } from '../values';
import type { CellValue } from './build';
import type { ColumnKind } from './table';

/** What the cells of a column hold. */
export interface Profile {
  blank: number;
  /** how many different values it has, up to 1,000 */
  distinct: number;
  /** the most digits after a decimal mark */
  decimals: number;
  /** the largest figure by size */
  largest: number;
  /** the least and the greatest, as days or figures; null without any, and for words */
  range: [least: number, most: number] | null;
  /** of each equal part of its range, how many figures or days fall into it, of those looked at */
  bins: number[];
  /** its commonest words */
  common: { word: string; count: number }[];
}

/** What is counted one by one, looked at for the picture, and told. */
export const profileLimits = { distinct: 1000, sample: 5000, bins: 24, common: 6 };

/** Takes figures and says how many digits they need. */
export class FigureDigits {
  /** the most digits after a decimal mark */
  decimals = 0;
  /** the largest figure by size */
  largest = 0;
  /** a figure that is whole when multiplied by this needs no more digits than those before it */
  private scale = 1;

  add(figure: number) {
    const size = Math.abs(figure);
    if (size > this.largest) this.largest = size;
    if (Number.isInteger(figure * this.scale)) return;
    this.decimals = Math.max(this.decimals, decimalsOf(figure));
    this.scale = 10 ** Math.min(this.decimals, 15);
  }
}

/** Takes the cells of a column and says what they hold. */
export class Profiler {
  private blank = 0;
  private readonly digits = new FigureDigits();
  private least = Infinity;
  private greatest = -Infinity;
  private readonly values = new Map<CellValue, number>();
  private readonly sample: number[] = [];
  private seen = 0;
  private random = 1;

  constructor(private readonly kind: ColumnKind) {}

  add(value: CellValue) {
    if (value === null) return void (this.blank += 1);
    const before = this.values.get(value);
    if (before !== undefined) this.values.set(value, before + 1);
    else if (this.values.size < profileLimits.distinct) this.values.set(value, 1);
    if (typeof value === 'number') this.addFigure(value);
  }

  finish(): Profile {
    const { blank, least, greatest } = this;
    const { decimals, largest } = this.digits;
    const ranged = this.kind !== 'text' && least <= greatest;
    return {
      blank,
      decimals,
      largest,
      distinct: this.values.size,
      range: ranged ? [least, greatest] : null,
      bins: ranged ? this.binned() : [],
      common: this.kind === 'text' ? this.commonest() : [],
    };
  }

  private addFigure(figure: number) {
    if (figure < this.least) this.least = figure;
    if (figure > this.greatest) this.greatest = figure;
    this.keepSome(figure);
    if (this.kind === 'number') this.digits.add(figure);
  }

  /**
   * Keeps each value with the same chance, however many come. Source: Vitter (1985), Random Sampling
   * with a Reservoir, algorithm R; its numbers are always the same, so that a file has one picture.
   */
  private keepSome(figure: number) {
    this.seen += 1;
    if (this.sample.length < profileLimits.sample) return void this.sample.push(figure);
    this.random = (Math.imul(this.random, 1_664_525) + 1_013_904_223) >>> 0;
    const place = Math.floor((this.random / 2 ** 32) * this.seen);
    if (place < profileLimits.sample) this.sample[place] = figure;
  }

  private binned(): number[] {
    const { least, greatest } = this;
    const bins = Array<number>(greatest > least ? profileLimits.bins : 1).fill(0);
    for (const figure of this.sample) {
      const share = greatest > least ? (figure - least) / (greatest - least) : 0;
      const place = Math.min(bins.length - 1, Math.floor(share * bins.length));
      bins[place] = (bins[place] ?? 0) + 1;
    }
    return bins;
  }

  private commonest() {
    return [...this.values]
      .sort((a, b) => b[1] - a[1])
      .slice(0, profileLimits.common)
      .map(([word, count]) => ({ word: cutText(String(word), 80), count }));
  }
}
