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
  const held = ranges.filter(({ lowest, highest }) => lowest <= highest);
  if (held.length === 0) return { lowest: 0, highest: 1, whole: true };
  return {
    lowest: Math.min(...held.map(({ lowest }) => lowest)),
    highest: Math.max(...held.map(({ highest }) => highest)),
    whole: held.every(({ whole }) => whole),
  };
}

/** The range of all figures, and of the yardsticks that ask to be on the axis; empty of nothing. */
export function shownRange(
  series: readonly Pick<ReadSeries, 'figures' | 'joins' | 'readings'>[],
  yardsticks: readonly Yardstick[],
): ShownRange {
  const range = { lowest: Infinity, highest: -Infinity, whole: true };
  const hold = (value: number | null) => {
    if (value === null) return;
    if (value < range.lowest) range.lowest = value;
    if (value > range.highest) range.highest = value;
    range.whole &&= decimalsOf(value) === 0;
  };
  for (const { figures, joins, readings } of series) {
    figures.forEach(hold);
    readings?.figures.forEach(hold);
    hold(joins?.figure ?? null);
  }
  for (const { onAxis, value, bands, edges } of yardsticks) {
    if (!onAxis) continue;
    hold(value);
    edges?.low.forEach(hold);
    edges?.high.forEach(hold);
    for (const { from, to } of bands) [from, to].filter(Number.isFinite).forEach(hold);
  }
  return range;
}
