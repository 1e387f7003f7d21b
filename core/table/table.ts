import type { DatePattern, Day } from '../calendar';

/** What stands in a date column where the cell is blank. */
export const missingDay: Day = -(2 ** 31);

/** Dates, one a row; `missingDay` where blank. */
export interface DateColumn {
  kind: 'date';
  name: string;
  days: Int32Array;
  /** the different days, ascending */
  distinct: readonly Day[];
  /** how they were written; null when nobody knows */
  writtenAs: DatePattern | null;
}

/** Figures, one a row; NaN where blank. */
export interface NumberColumn {
  kind: 'number';
  name: string;
  values: Float64Array;
  /** the most digits any figure has after its decimal mark */
  decimals: number;
  /** the largest figure by size */
  largest: number;
  /** how many rows have no figure */
  blanks: number;
}

/** Words, one a row, as places in a list; -1 where blank. */
export interface TextColumn {
  kind: 'text';
  name: string;
  codes: Int32Array;
  words: readonly string[];
  /** how many rows have no word */
  blanks: number;
}

export type Column = DateColumn | NumberColumn | TextColumn;
export type ColumnKind = Column['kind'];

/** A table of figures in memory, column by column. */
export interface Table {
  rows: number;
  columns: Column[];
}

/**
 * Makes a column of dates. What holds for all its rows is found once, not at every reading.
 * @param days one for each row, since 1 January 1970; missing ones as `noDay`
 * @param writtenAs the form they had in the file
 */
export function dateColumn(
  name: string,
  days: Int32Array,
  writtenAs: DatePattern | null = null,
): DateColumn {
  return { kind: 'date', name, days, distinct: distinctDays(days), writtenAs };
}

/**
 * Makes a column of figures.
 * @param decimals the most digits any figure has after its decimal mark
 */
export function numberColumn(name: string, values: Float64Array, decimals: number): NumberColumn {
  let largest = 0;
  let blanks = 0;
  for (let row = 0; row < values.length; row += 1) {
    const size = Math.abs(values[row] as number);
    if (size > largest) largest = size;
    else if (Number.isNaN(size)) blanks += 1;
  }
  return { kind: 'number', name, values, decimals, largest, blanks };
}

/**
 * Makes a column of words.
 * @param codes one for each row, the place of its word in the list
 * @param words each once
 */
export function textColumn(name: string, codes: Int32Array, words: readonly string[]): TextColumn {
  let blanks = 0;
  for (let row = 0; row < codes.length; row += 1) if ((codes[row] as number) < 0) blanks += 1;
  return { kind: 'text', name, codes, words, blanks };
}

function distinctDays(days: Int32Array): Day[] {
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
