import { missingDay, type NumberColumn } from '../../table';
import { groupOfRows, type Groups } from '../groups';
import type { Aggregated } from './aggregateKind';

/**
 * Visits the rows that belong to a group.
 * @param visit is given a row and its group, both counted from 0
 */
export function forEachRow(groups: Groups, visit: (row: number, group: number) => void) {
  const ofRow = groupOfRows(groups);
  for (let row = 0; row < ofRow.length; row += 1) {
    const group = ofRow[row] as number;
    if (group >= 0) visit(row, group);
  }
}

/** NaN for a group without any row: a period with no row is missing, not a count of zero. */
export function countRows(groups: Groups, present: (row: number) => boolean): Aggregated {
  const counts = new Float64Array(groups.count).fill(NaN);
  forEachRow(groups, (row, group) => {
    const before = counts[group] as number;
    counts[group] = (Number.isNaN(before) ? 0 : before) + (present(row) ? 1 : 0);
  });
  return counts;
}

/** How many figures each group has. */
export const countFigures = (groups: Groups, { values }: NumberColumn): Aggregated =>
  countRows(groups, (row) => !Number.isNaN(values[row]));

/** The greatest figure of each group, or the least. */
export function extremes(groups: Groups, { values }: NumberColumn, sign: 1 | -1): Aggregated {
  const best = new Float64Array(groups.count).fill(NaN);
  forEachRow(groups, (row, group) => {
    const figure = values[row] as number;
    if (Number.isNaN(figure)) return;
    const before = best[group] as number;
    if (Number.isNaN(before) || sign * (figure - before) > 0) best[group] = figure;
  });
  return best;
}

/** The first or last figure by date, then by the order of the rows. */
export function byDate(
  groups: Groups,
  { values }: NumberColumn,
  which: 'first' | 'last',
): Aggregated {
  const found = new Float64Array(groups.count).fill(NaN);
  const foundOn = new Int32Array(groups.count).fill(missingDay);
  forEachRow(groups, (row, group) => {
    const figure = values[row] as number;
    if (Number.isNaN(figure)) return;
    const day = groups.days[row] as number;
    const before = foundOn[group] as number;
    const wins = which === 'last' ? day >= before : before === missingDay || day < before;
    if (!wins) return;
    found[group] = figure;
    foundOn[group] = day;
  });
  return found;
}

/** Lays the figures of each group side by side, sorted, and reduces each group to one figure. */
export function gathered(
  groups: Groups,
  column: NumberColumn,
  reduce: (sorted: Float64Array) => number,
): Aggregated {
  const { values } = column;
  const counts = countFigures(groups, column);
  const ends = new Int32Array(groups.count);
  let total = 0;
  counts.forEach((count, group) => {
    ends[group] = total;
    total += Number.isNaN(count) ? 0 : count;
  });
  const laid = new Float64Array(total);
  forEachRow(groups, (row, group) => {
    if (!Number.isNaN(values[row])) laid[(ends[group] as number)++] = values[row] as number;
  });
  return counts.map((count, group) =>
    count > 0 ? reduce(laid.subarray((ends[group] as number) - count, ends[group]).sort()) : NaN,
  );
}
