import Big from 'big.js';
import { compareFigures, relativeTolerance } from './compare';

/** Figures in their order; null is missing and left out of every statistic. */
export type Figures = readonly (number | null)[];

/**
 * Below this a decimal figure times its power of ten is off its whole number by less than a half,
 * so rounding finds it: both roundings together err by at most 2^-52 of the product.
 */
const roundable = 2 ** 50;

const mostDecimals = 15;
const powers = Array.from({ length: mostDecimals + 1 }, (_, decimals) => 10 ** decimals);

/**
 * Adds decimal figures without rounding. The total is the floating-point number nearest to the true
 * decimal sum, so it equals the same figure typed in.
 */
export class ExactSum {
  private readonly scale: number;
  private whole = 0;
  private spill = 0n;

  /** @param decimals how many digits after the decimal mark the figures have at most, 0 to 15 */
  constructor(private readonly decimals: number) {
    this.scale = powers[decimals] as number;
  }

  /** @param figure a finite number with at most `decimals` digits after the decimal mark */
  add(figure: number): void {
    const scaled = figure * this.scale;
    if (Math.abs(scaled) >= roundable) {
      this.spill += BigInt(new Big(figure).times(this.scale).toFixed(0));
      return;
    }
    const next = this.whole + Math.round(scaled);
    if (Number.isSafeInteger(next)) {
      this.whole = next;
    } else {
      this.spill += BigInt(this.whole);
      this.whole = Math.round(scaled);
    }
  }

  get total(): number {
    if (this.spill === 0n) return this.whole / this.scale;
    return Number(`${this.spill + BigInt(this.whole)}e-${this.decimals}`);
  }
}

/**
 * The exact sum of decimal figures; null (missing) is left out.
 * @returns null when no figure is there
 */
export function exactSum(figures: Figures): number | null {
  return sumOf(figures, new ExactSum(mostDecimalsOf(figures)));
}

/**
 * The sum of figures so far, one for each; missing figures stay missing and add nothing.
 * @param exact the figures are decimals; false when they come from a division
 */
export function runningSum(figures: Figures, exact: boolean): Figures {
  const sum = exact ? new ExactSum(mostDecimalsOf(figures)) : new CompensatedSum();
  return figures.map((figure) => {
    if (figure === null) return null;
    sum.add(figure);
    return sum.total;
  });
}

/**
 * The sum of figures; null (missing) is left out.
 * @param exact the figures are decimals; false when they come from a division
 * @returns null when no figure is there
 */
export function sumFigures(figures: Figures, exact: boolean): number | null {
  return exact ? exactSum(figures) : sumOf(figures, new CompensatedSum());
}

function sumOf(figures: Figures, sum: ExactSum | CompensatedSum): number | null {
  let found = false;
  for (const figure of figures) {
    if (figure === null) continue;
    found = true;
    sum.add(figure);
  }
  return found ? sum.total : null;
}

/**
 * Adds figures that are no exact decimals, keeping what each rounding loses.
 * Source: Neumaier (1974), Rundungsfehleranalyse einiger Verfahren zur Summation endlicher Summen.
 */
class CompensatedSum {
  private sum = 0;
  private lost = 0;
  private size = 0;

  add(figure: number): void {
    this.size += Math.abs(figure);
    const next = this.sum + figure;
    this.lost +=
      Math.abs(this.sum) >= Math.abs(figure) ? this.sum - next + figure : figure - next + this.sum;
    this.sum = next;
  }

  /** Of figures that come from a division, what is left of them is nothing where it is within their own rounding. */
  get total(): number {
    const total = this.sum + this.lost;
    return Math.abs(total) <= relativeTolerance * this.size ? 0 : total;
  }
}

/**
 * The difference of a figure from its mark; zero when they count as equal.
 * @param exact both are decimals; false when one comes from a division
 */
export function difference(figure: number, mark: number, exact: boolean): number {
  if (exact) return exactDifference(figure, mark);
  return compareFigures(figure, mark, exact) === 0 ? 0 : figure - mark;
}

/**
 * The exact difference of two decimal figures: 0.3 less 0.1 is 0.2.
 * @param figure a decimal as it was written
 * @param mark the same
 */
export function exactDifference(figure: number, mark: number): number {
  const scale = powers[Math.max(decimalsOf(figure), decimalsOf(mark))] as number;
  if (Math.max(Math.abs(figure), Math.abs(mark)) * scale < roundable)
    return (Math.round(figure * scale) - Math.round(mark * scale)) / scale;
  return new Big(figure).minus(mark).toNumber();
}

/** How many digits a number has after its decimal mark in its shortest form, 0 to 15. */
export function decimalsOf(figure: number): number {
  for (let decimals = 0; decimals <= mostDecimals; decimals += 1) {
    const scale = powers[decimals] as number;
    const scaled = figure * scale;
    if (Math.abs(scaled) >= roundable) break;
    // The division rounds to the number nearest to the decimal, which is what the figure is.
    if (Math.round(scaled) / scale === figure) return decimals;
  }
  return writtenDecimals(figure);
}

function writtenDecimals(figure: number): number {
  if (Number.isInteger(figure)) return 0;
  const [digits = '', exponent = '0'] = String(figure).split('e');
  const written = digits.split('.')[1]?.length ?? 0;
  return Math.min(mostDecimals, Math.max(0, written - Number(exponent)));
}

function mostDecimalsOf(figures: Figures): number {
  let most = 0;
  let scale = 1;
  for (const figure of figures) {
    // Most figures need no more digits than those before them; that is cheap to see.
    if (figure === null || Math.round(figure * scale) / scale === figure) continue;
    most = Math.max(most, decimalsOf(figure));
    scale = powers[most] as number;
  }
  return most;
}

/** The product of two figures, exact as decimals are. */
export const product = (one: number, two: number): number => Number(new Big(one).times(two));
