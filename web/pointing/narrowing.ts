import { formatDay, parseDay } from '../../core/calendar';
import { linesOf, type Reading } from '../../core/reading';
import type { NarrowingHand } from './pointing';

/** A stretch of a chart's positions, the first and the last by their places. */
export interface Stretch {
  first: number;
  last: number;
}

/**
 * Narrows the others to a line of a split, or lets it go; a line that is no word's narrows nothing.
 * @param hand how lines are picked and let go
 * @param id of the line
 * @param on whether it is picked now
 */
export function pickLine(
  { onPick, onLetGo }: NarrowingHand,
  reading: Reading,
  id: string,
  on: boolean,
) {
  const line = linesOf(reading).find((each) => each.id === id);
  if (!on) onLetGo('line');
  else if (line?.split && !line.others)
    onPick({ kind: 'line', series: line.seriesId, word: line.key });
}

/** Narrows the others to a stretch of periods; picked once more, it is let go. */
export function pickDates(
  { picked, onPick, onLetGo }: NarrowingHand,
  { positions }: Reading,
  { first, last }: Stretch,
) {
  const [one, two] = [positions[first], positions[last]];
  if (!one || !two) return;
  const [from, to] = [formatDay(one.start), formatDay(two.next - 1)];
  const again = picked.some(
    (each) => each.kind === 'dates' && each.from === from && each.to === to,
  );
  if (again) onLetGo('dates');
  else onPick({ kind: 'dates', from, to });
}

/**
 * The stretch that is picked in a chart, among its positions; null for none.
 * @param hand what is picked, and how
 */
export function pickedStretch(
  { positions, axis }: Reading,
  { picked }: Pick<NarrowingHand, 'picked'>,
): Stretch | null {
  const dates = picked.find(({ kind }) => kind === 'dates');
  if (dates?.kind !== 'dates' || axis !== 'calendar') return null;
  const [from, to] = [parseDay(dates.from) ?? 0, parseDay(dates.to) ?? 0];
  const first = positions.findIndex(({ next }) => next > from);
  const last = positions.findLastIndex(({ start }) => start <= to);
  return first < 0 || last < first ? null : { first, last };
}
