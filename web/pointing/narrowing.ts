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
export function pickDates(hand: NarrowingHand, reading: Reading, stretch: Stretch) {
  if (isPicked(hand, reading, stretch)) hand.onLetGo('dates');
  else {
    const dates = datesOf(reading, stretch);
    if (dates) hand.onPick({ kind: 'dates', ...dates });
  }
}

/** Whether the others are narrowed to very these periods. */
function isPicked({ picked }: NarrowingHand, reading: Reading, stretch: Stretch): boolean {
  const dates = datesOf(reading, stretch);
  return picked.some(
    (each) => each.kind === 'dates' && each.from === dates?.from && each.to === dates.to,
  );
}

/** The dates of some positions, written; null where no dates stand there. */
function datesOf({ axis, unit, positions }: Reading, { first, last }: Stretch) {
  const [one, two] = [positions[first], positions[last]];
  if (!one || !two) return null;
  if (axis === 'calendar') return { from: formatDay(one.start), to: formatDay(two.next - 1) };
  return axis === 'numbers' && unit === 'year'
    ? { from: `${one.middle}-01-01`, to: `${two.middle}-12-31` }
    : null;
}

/**
 * Narrows the others to what stands at one place of the axis, a period, a figure or a word, or lets it
 * go.
 * @param period the place, from 0
 * @param on whether it is picked now
 */
export function pickPlace(hand: NarrowingHand, reading: Reading, period: number, on: boolean) {
  const stretch = { first: period, last: period };
  const dates = datesOf(reading, stretch);
  if (dates) {
    if (on) hand.onPick({ kind: 'dates', ...dates });
    else hand.onLetGo('dates');
    return;
  }
  const word = wordAt(reading, period);
  if (word === null) return;
  if (on) hand.onPick({ kind: 'place', word });
  else hand.onLetGo('place');
}

/** Whether the others are narrowed to what stands at a place of the axis. */
export function isPlacePicked(hand: NarrowingHand, reading: Reading, period: number): boolean {
  const word = wordAt(reading, period);
  return (
    isPicked(hand, reading, { first: period, last: period }) ||
    hand.picked.some((each) => each.kind === 'place' && each.word === word)
  );
}

/** The word or figure at a place along a column; null along anything else. */
function wordAt({ axis, positions }: Reading, place: number): string | null {
  const position = positions[place];
  if (!position || (axis !== 'words' && axis !== 'numbers')) return null;
  return axis === 'words' ? position.label : String(position.middle);
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
