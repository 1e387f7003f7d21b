import type { ValueAxis } from '../../core/labels';

/**
 * The value at a share of the axis from its top, as round as the eye can aim.
 * @param axis from its lowest to its highest value
 * @param share 0 at the top, 1 at the foot
 */
export function roundOn({ from, to, step }: ValueAxis, share: number): number {
  const fine = step / 20;
  return Number((Math.round((to - share * (to - from)) / fine) * fine).toPrecision(12));
}
