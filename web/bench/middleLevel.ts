import type { Reading } from '../../core/reading';

/** A round value in the middle of the axis of a chart: where a level begins that nobody has set. */
export function middleLevel(reading: Reading | null): number {
  const axis = reading?.panels[0]?.axis;
  return axis ? Number(((axis.from + axis.to) / 2).toPrecision(2)) : 0;
}
