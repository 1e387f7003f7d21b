import { monthNamed } from '../calendar';

const weekdayNames = ['mo', 'tu', 'we', 'th', 'fr', 'sa', 'su'];
const weekdayName = /^(mon|tues?|wed(nes)?|thu(rs)?|fri|sat(ur)?|sun)(day)?\.?$/i;
const sizes = ['xxs', 'xs', 's', 'm', 'l', 'xl', 'xxl'];

/** Ways in which words can stand in an order of their own; each gives a word's place, or null. */
const orders: ((word: string) => number | null)[] = [
  (word) => (weekdayName.test(word) ? weekdayNames.indexOf(word.slice(0, 2).toLowerCase()) : null),
  (word) => monthNamed(word),
  (word) => placeOf(/^Q([1-4])$/i.exec(word)?.[1]),
  (word) => placeOf(/^(?:week |W)(\d{1,2})$/i.exec(word)?.[1]),
  (word) => (sizes.includes(word.toLowerCase()) ? sizes.indexOf(word.toLowerCase()) : null),
  rangeStart,
];

const placeOf = (digits: string | undefined) => (digits === undefined ? null : Number(digits));

/** Where a range of numbers begins: “1-5”, “6 to 10”, “under 5”, “11+”, “over 10”, or one number. */
function rangeStart(word: string): number | null {
  const figure = '(\\d+(?:[.,]\\d+)?)';
  const number = (digits: string | undefined) => Number((digits ?? '').replace(',', '.'));
  const below = new RegExp(`^(?:<|under|below|up to|less than) ?=? ?${figure}$`, 'i').exec(word);
  // Below five comes before what begins at five, and before what begins at nought.
  if (below) return -1 / (1 + number(below[1]));
  const above = new RegExp(`^(?:>|over|above|more than) ?=? ?${figure}$`, 'i').exec(word);
  if (above) return number(above[1]) + 0.5;
  const range = new RegExp(`^${figure} ?(?:(?:-|–|to|bis) ?${figure}|\\+)?$`, 'i').exec(word);
  return range ? number(range[1]) : null;
}

/**
 * Puts words into the order that they have by themselves: weekdays, months, quarters, weeks, sizes
 * and ranges of numbers.
 * @returns null for words that have none
 */
export function ownOrder(words: readonly string[]): string[] | null {
  const present = words.filter((word) => word !== '');
  const order = orders.find((place) => present.every((word) => place(word) !== null));
  if (!order || present.length === 0) return null;
  const key = (word: string) => (word === '' ? Infinity : (order(word) ?? Infinity));
  return byAlphabet(words).sort((a, b) => key(a) - key(b));
}

const byAlphabet = (words: readonly string[]) => [...words].sort((a, b) => (a < b ? -1 : 1));

/** Puts words into the order that they have by themselves, or else by the alphabet. */
export const naturalOrder = (words: readonly string[]): string[] =>
  ownOrder(words) ?? byAlphabet(words);
