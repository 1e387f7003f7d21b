import { type Day, type Grain, periodStart } from '../calendar';
import { type DateColumn, missingDay, type TextColumn } from '../table';

/** Which period and key each row belongs to. */
export interface Groups {
  periods: Day[];
  keys: string[];
  /** the group of each row, period * keys + key; -1 for a row without a date or a word */
  ofRow: Int32Array;
}

/** Assigns every row its group; each distinct day is looked up in the calendar once. */
export function groupRows(dates: DateColumn, split: TextColumn | null, grain: Grain): Groups {
  const { days } = dates;
  const startOf = new Map<Day, Day>();
  for (const day of days)
    if (day !== missingDay && !startOf.has(day)) startOf.set(day, periodStart(day, grain));
  const periods = [...new Set(startOf.values())].sort((a, b) => a - b);
  const placeOf = new Map(periods.map((start, place) => [start, place]));
  const periodOf = new Map([...startOf].map(([day, start]) => [day, placeOf.get(start) as number]));
  const keys = split ? [...split.words].sort((a, b) => (a < b ? -1 : 1)) : [''];
  const keyPlace = new Map(keys.map((key, place) => [key, place]));
  const keyOf = split?.words.map((word) => keyPlace.get(word) as number) ?? [0];
  const ofRow = new Int32Array(days.length);
  let lastDay = missingDay;
  let lastPeriod = -1;
  for (let row = 0; row < days.length; row += 1) {
    const day = days[row] as Day;
    if (day !== lastDay) {
      lastDay = day;
      lastPeriod = periodOf.get(day) ?? -1;
    }
    const key = split ? (split.codes[row] as number) : 0;
    ofRow[row] = lastPeriod < 0 || key < 0 ? -1 : lastPeriod * keys.length + (keyOf[key] as number);
  }
  return { periods, keys, ofRow };
}
