import type { Day } from '../../core/calendar';
import type { Reading } from '../../core/reading';

/** A round value in the middle of the axis of a chart: where a level begins that nobody has set. */
export function middleLevel(reading: Reading | null): number {
  const axis = reading?.panels[0]?.axis;
  return axis ? Number(((axis.from + axis.to) / 2).toPrecision(2)) : 0;
}

/** Where a date begins that nobody has set: today, or in the middle of what is shown where today is not. */
export function shownDay({
  positions,
  axis,
  today,
}: Pick<Reading, 'positions' | 'axis' | 'today'>): Day {
  const [first, last] = [positions[0], positions.at(-1)];
  const middle = positions[Math.floor(positions.length / 2)];
  if (axis !== 'calendar' || !first || !last || !middle) return today;
  return today >= first.start && today < last.next ? today : middle.start;
}
