import { type Day, type Grain, periodStart } from '../calendar';
import { type DateColumn, missingDay, type TextColumn } from '../table';

/** How the rows of a table fall into periods and words. */
export interface Groups {
  /** first days, ascending */
  periods: Day[];
  /** the words of the split, in the order of their codes; one empty word without a split */
  words: readonly string[];
  days: Int32Array;
  /** null without a split */
  codes: Int32Array | null;
  /** the place among the words of rows that have none: a blank category is one of its own */
  blank: number;
  /** the earliest day */
  first: Day;
  /** by day less the first one: the place of its period times the number of words */
  offsets: Int32Array;
  count: number;
}

/** Lays out the groups of a table; each distinct day is looked up in the calendar once. */
export function groupRows(dates: DateColumn, split: TextColumn | null, grain: Grain): Groups {
  const { days, distinct } = dates;
  const first = distinct[0] ?? 0;
  const hasBlank =
    !!split &&
    split.blanks > 0 &&
    split.codes.some((code, row) => code < 0 && days[row] !== missingDay);
  const words = split ? [...split.words, ...(hasBlank ? [''] : [])] : [''];
  const blank = hasBlank ? words.length - 1 : -1;
  const offsets = new Int32Array((distinct.at(-1) ?? first - 1) - first + 1);
  const periods: Day[] = [];
  // Distinct days ascend, and so do their periods.
  for (const day of distinct) {
    const start = periodStart(day, grain);
    if (start !== periods.at(-1)) periods.push(start);
    offsets[day - first] = (periods.length - 1) * words.length;
  }
  const count = periods.length * words.length;
  const codes = split?.codes ?? null;
  return { periods, words, days, codes, blank, first, offsets, count };
}

const known = new WeakMap<Groups, Int32Array>();

/** The group of each row, period * words + word; -1 for a row without a date. Worked out once. */
export function groupOfRows(groups: Groups): Int32Array {
  const found = known.get(groups) ?? layRows(groups);
  known.set(groups, found);
  return found;
}

function layRows({ days, codes, blank, first, offsets }: Groups): Int32Array {
  const ofRow = new Int32Array(days.length);
  for (let row = 0; row < days.length; row += 1) {
    const day = days[row] as Day;
    let code = codes === null ? 0 : (codes[row] as number);
    if (code < 0) code = blank;
    ofRow[row] = day === missingDay ? -1 : (offsets[day - first] as number) + code;
  }
  return ofRow;
}
