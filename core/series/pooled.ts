import type { Figures } from '../values';
import type { AxisPeriod } from './axis';

/**
 * The figures of several lines one after another, an entry for each period of each line; those of
 * open periods count as missing.
 */
export function pooledFigures(
  lines: readonly { figures: Figures }[],
  axis: readonly Pick<AxisPeriod, 'open'>[],
): Figures {
  const pooled = new Array<number | null>(lines.length * axis.length).fill(null);
  lines.forEach(({ figures }, line) => {
    const first = line * axis.length;
    axis.forEach(({ open }, place) => {
      if (!open) pooled[first + place] = figures[place] ?? null;
    });
  });
  return pooled;
}
