import Big from 'big.js';

/** Figures in their order; null is missing and left out of every statistic. */
export type Figures = readonly (number | null)[];

/**
 * Below this a decimal figure times its power of ten is off its whole number by less than a half,
 * so rounding finds it: both roundings together err by at most 2^-52 of the product.
 */
const roundable = 2 ** 50;

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
    this.scale = 10 ** decimals;
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
  const present = figures.filter((figure) => figure !== null);
  if (present.length === 0) return null;
  const sum = new ExactSum(Math.max(...present.map(decimalsOf)));
  for (const figure of present) sum.add(figure);
  return sum.total;
}

/** The exact difference of two decimal figures: 0.3 less 0.1 is 0.2. */
export function exactDifference(figure: number, mark: number): number {
  return new Big(figure).minus(mark).toNumber();
}

/** How many digits a number has after its decimal mark in its shortest form, 0 to 15. */
export function decimalsOf(figure: number): number {
  if (Number.isInteger(figure)) return 0;
  const [digits = '', exponent = '0'] = String(figure).split('e');
  const written = digits.split('.')[1]?.length ?? 0;
  return Math.min(15, Math.max(0, written - Number(exponent)));
}
