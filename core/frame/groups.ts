import { type Day, type Grain, periodStart } from '../calendar';
import { type DateColumn, missingDay, type TextColumn } from '../table';

/** Which period and key each row belongs to. */
export interface Groups {
  periods: Day[];
  keys: string[];
  /** the group of each row, period * keys + key; -1 for a row without a date or a word */
  ofRow: Int32Array;
}

/** The distinct days of a column, ascending; blank cells are none. */
export function distinctDays(days: Int32Array): Day[] {
  let first = Infinity;
  let last = -Infinity;
  for (let row = 0; row < days.length; row += 1) {
    const day = days[row] as Day;
    if (day === missingDay) continue;
    if (day < first) first = day;
    if (day > last) last = day;
  }
  if (last < first) return [];
  const seen = new Uint8Array(last - first + 1);
  for (let row = 0; row < days.length; row += 1) {
    const day = days[row] as Day;
    if (day !== missingDay) seen[day - first] = 1;
  }
  const found: Day[] = [];
  seen.forEach((times, place) => times && found.push(first + place));
  return found;
}

/** Assigns every row its group; each distinct day is looked up in the calendar once. */
export function groupRows(
  dates: DateColumn,
  distinct: readonly Day[],
  split: TextColumn | null,
  grain: Grain,
): Groups {
  const { days } = dates;
  const first = distinct[0] ?? 0;
  const starts = distinct.map((day) => periodStart(day, grain));
  const periods = [...new Set(starts)].sort((a, b) => a - b);
  const placeOf = new Map(periods.map((start, place) => [start, place]));
  const periodOf = new Int32Array((distinct.at(-1) ?? -1) - first + 1);
  distinct.forEach((day, at) => (periodOf[day - first] = placeOf.get(starts[at] as Day) as number));
  const keys = split ? [...split.words].sort((a, b) => (a < b ? -1 : 1)) : [''];
  const keyPlace = new Map(keys.map((key, place) => [key, place]));
  const keyOf = split?.words.map((word) => keyPlace.get(word) as number) ?? [0];
  const ofRow = new Int32Array(days.length);
  for (let row = 0; row < days.length; row += 1) {
    const day = days[row] as Day;
    const key = split ? (split.codes[row] as number) : 0;
    ofRow[row] =
      day === missingDay || key < 0
        ? -1
        : (periodOf[day - first] as number) * keys.length + (keyOf[key] as number);
  }
  return { periods, keys, ofRow };
}
