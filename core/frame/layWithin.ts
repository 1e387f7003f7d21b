import { type Day, type Grain, nextPeriod, periodsBetween } from '../calendar';
import { mean } from '../statistics';
import { decimalsOf, exactSum, type Figures } from '../values';

/** What was recorded by longer periods: their first days, ascending, and a figure for each. */
interface Recorded {
  periods: readonly Day[];
  figures: Figures;
  grain: Grain;
}

/** The days that a recorded period and a drawn one have in common. */
interface Overlap {
  period: number;
  /** days of the recorded period before the overlap, to its end, and in all */
  before: number;
  until: number;
  days: number;
}

/** How figures of longer periods are told apart within them. */
export type Within = 'divided' | 'repeated';

/**
 * Lays figures that were recorded by longer periods on shorter ones. Additive figures are divided
 * evenly over days, with parts that sum exactly; levels repeat, and a period over two of them takes
 * the mean of its days' levels. A drawn period with a day that has no figure is missing.
 */
export function layWithin(
  { periods, figures, grain }: Recorded,
  drawn: readonly Day[],
  drawnGrain: Grain,
  within: Within,
): (number | null)[] {
  const decimals = figures.reduce<number>(
    (most, figure) => (figure === null ? most : Math.max(most, decimalsOf(figure))),
    0,
  );
  const take = within === 'divided' ? partOf : levelOf;
  let from = 0;
  return drawn.map((start) => {
    const next = nextPeriod(start, drawnGrain);
    while (from < periods.length && nextPeriod(periods[from] as Day, grain) <= start) from += 1;
    const overlaps: Overlap[] = [];
    for (
      let period = from;
      period < periods.length && (periods[period] as Day) < next;
      period += 1
    ) {
      if ((figures[period] ?? null) === null) continue;
      const first = periods[period] as Day;
      const end = nextPeriod(first, grain);
      const before = Math.max(start, first) - first;
      overlaps.push({ period, before, until: Math.min(next, end) - first, days: end - first });
    }
    const covered = overlaps.reduce((sum, { before, until }) => sum + until - before, 0);
    return covered === next - start ? take(overlaps, figures, decimals) : null;
  });
}

/** All periods of a grain that recorded periods reach into. */
export function periodsWithin(periods: readonly Day[], recorded: Grain, grain: Grain): Day[] {
  const [first, last] = [periods[0], periods.at(-1)];
  if (first === undefined || last === undefined) return [];
  return periodsBetween(first, nextPeriod(last, recorded) - 1, grain);
}

/**
 * The sum of the days' parts. The first k of n days hold round(figure x k / n) in the figure's last
 * decimal, halves rounded up, so that the parts of a period sum to its figure.
 */
function partOf(overlaps: readonly Overlap[], figures: Figures, decimals: number): number {
  const parts = overlaps.map(({ period, before, until, days }) => {
    const whole = BigInt(Math.round((figures[period] as number) * 10 ** decimals));
    const first = (of: number) =>
      floorDivide(2n * whole * BigInt(of) + BigInt(days), 2n * BigInt(days));
    return Number(`${first(until) - first(before)}e-${decimals}`);
  });
  return exactSum(parts) as number;
}

const floorDivide = (dividend: bigint, divisor: bigint) => {
  const quotient = dividend / divisor;
  return dividend % divisor < 0n ? quotient - 1n : quotient;
};

function levelOf(overlaps: readonly Overlap[], figures: Figures): number {
  const levels = new Set(overlaps.map(({ period }) => figures[period] as number));
  // A level that does not change within is that level, without a rounding.
  if (levels.size === 1) return [...levels][0] as number;
  return mean(
    overlaps.flatMap(({ period, before, until }) =>
      new Array<number>(until - before).fill(figures[period] as number),
    ),
  ) as number;
}
