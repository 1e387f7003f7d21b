import { writeDifference } from '../labels';
import { difference } from '../values';
import type { ReadSeries } from './reading';

/** What lies between two figures of a line. */
export interface Between {
  difference: number;
  /** of the earlier figure, in %; null when that is zero */
  percent: number | null;
}

/**
 * The change of a line from one place to another, the later less the earlier.
 * @returns null when either has no figure
 */
export function between(
  { figures, exact }: Pick<ReadSeries, 'figures' | 'exact'>,
  one: number,
  two: number,
): Between | null {
  const [before, after] = [figures[Math.min(one, two)], figures[Math.max(one, two)]];
  if (before == null || after == null) return null;
  const change = difference(after, before, exact);
  return { difference: change, percent: before === 0 ? null : (100 * change) / Math.abs(before) };
}

const ofHundred = { divisor: 1, suffix: '', decimals: 1 };

/** A change in words, as in "+0.2m (+15.4%)". */
export function sayBetween(
  { difference: change, percent }: Between,
  { format }: Pick<ReadSeries, 'format'>,
): string {
  const share = percent === null ? '' : ` (${writeDifference(percent, ofHundred)}%)`;
  return `${writeDifference(change, format)}${format.suffix}${share}`;
}
