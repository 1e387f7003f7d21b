const units = [
  { minutes: 24 * 60, one: 'a day', many: 'days' },
  { minutes: 60, one: 'an hour', many: 'hours' },
  { minutes: 1, one: 'a minute', many: 'minutes' },
];

/** A length of time in the largest unit that it is a whole number of, as in "an hour". */
export function sayMinutes(minutes: number): string {
  const unit = units.find((each) => minutes % each.minutes === 0);
  const count = minutes / (unit?.minutes ?? 1);
  return count === 1 ? (unit?.one ?? '') : `${count} ${unit?.many}`;
}
