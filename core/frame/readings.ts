import type { Day } from '../calendar';
import { type DateColumn, missingDay, type NumberColumn } from '../table';

/** More single readings than these are one cloud. */
const mostReadings = 3000;

/** Single rows of a source: when each was taken, and what it reads. */
export interface Readings {
  days: Day[];
  figures: number[];
  /** only every so-manieth row is among them, and how many there are in all */
  every: number;
  total: number;
}

/**
 * Which of so many rows are taken: every so-manieth.
 * @param total how many rows there are
 * @returns 1 to take all, 2 to take every other
 */
export const everyOf = (total: number) => Math.max(1, Math.ceil(total / mostReadings));

/** The rows that have a date and a figure, in their order; of very many, every so-manieth. */
export function singleReadings({ days }: DateColumn, { values }: NumberColumn): Readings {
  const rows: number[] = [];
  for (let row = 0; row < days.length; row += 1)
    if (days[row] !== missingDay && !Number.isNaN(values[row])) rows.push(row);
  const every = everyOf(rows.length);
  const taken = rows.filter((_, at) => at % every === 0);
  return {
    days: taken.map((row) => days[row] as Day),
    figures: taken.map((row) => values[row] as number),
    every,
    total: rows.length,
  };
}
