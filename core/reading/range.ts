import { decimalsOf } from '../values';
import type { Yardstick } from '../yardsticks';
import type { ReadSeries } from './reading';

/** What the value axis must hold. */
export interface ShownRange {
  lowest: number;
  highest: number;
  /** all of it are whole numbers */
  whole: boolean;
}

/** What one axis must hold that serves several panels. */
export function joinRanges(ranges: readonly ShownRange[]): ShownRange {
  if (ranges.length === 0) return { lowest: 0, highest: 1, whole: true };
  return {
    lowest: Math.min(...ranges.map(({ lowest }) => lowest)),
    highest: Math.max(...ranges.map(({ highest }) => highest)),
    whole: ranges.every(({ whole }) => whole),
  };
}

/** The range of all figures, and of the yardsticks that ask to be on the axis; 0 to 1 of nothing. */
export function shownRange(
  series: readonly ReadSeries[],
  yardsticks: readonly Yardstick[],
): ShownRange {
  const range = { lowest: Infinity, highest: -Infinity, whole: true };
  const hold = (value: number | null) => {
    if (value === null) return;
    if (value < range.lowest) range.lowest = value;
    if (value > range.highest) range.highest = value;
    range.whole &&= decimalsOf(value) === 0;
  };
  for (const { figures, joins } of series) {
    figures.forEach(hold);
    hold(joins?.figure ?? null);
  }
  for (const { onAxis, value, bands } of yardsticks) {
    if (!onAxis) continue;
    hold(value);
    for (const { from, to } of bands) [from, to].filter(Number.isFinite).forEach(hold);
  }
  return range.lowest <= range.highest ? range : { lowest: 0, highest: 1, whole: true };
}
