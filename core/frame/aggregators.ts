import { standardDeviation } from '../statistics';
import { type DateColumn, missingDay, type NumberColumn, type TextColumn } from '../table';
import { percentileOfSorted } from '../values';
import type { Aggregate } from './frame';
import { groupOfRows, type Groups } from './groups';
import { sumGroups } from './sums';

/** One figure per group; NaN where the group has none. */
type Aggregated = Float64Array;

/** What is aggregated: the groups, and which of them each row belongs to. */
interface AggregationInput {
  ofRow: Int32Array;
  count: number;
  days: Int32Array;
}

const inputOf = (groups: Groups): AggregationInput => ({
  ofRow: groupOfRows(groups),
  count: groups.count,
  days: groups.days,
});

/**
 * Figures of a numeric column by group.
 * @param percent which percentile, 0 to 100
 */
export function aggregateNumbers(
  aggregate: Aggregate,
  percent: number,
  groups: Groups,
  column: NumberColumn,
): Aggregated {
  if (aggregate === 'sum') return sumGroups(groups, column);
  const input = inputOf(groups);
  switch (aggregate) {
    case 'mean': {
      const counted = countRows(input, (row) => !Number.isNaN(column.values[row]));
      return sumGroups(groups, column).map((sum, group) => sum / (counted[group] as number));
    }
    case 'count':
      return countRows(input, (row) => !Number.isNaN(column.values[row]));
    case 'min':
    case 'max':
      return extremes(input, column, aggregate === 'max' ? 1 : -1);
    case 'first':
    case 'last':
      return byDate(input, column, aggregate);
    case 'median':
      return gathered(input, column, (sorted) => percentileOfSorted(sorted, 0.5));
    case 'percentile':
      return gathered(input, column, (sorted) => percentileOfSorted(sorted, percent / 100));
    case 'deviation':
      // One row has none.
      return gathered(input, column, (rows) => standardDeviation([...rows], 'sample') ?? NaN);
    case 'distinct':
      return gathered(input, column, (sorted) => new Set(sorted).size);
  }
}

/** Counts of a column that holds no figures, or of rows when there is no column. */
export function aggregateOthers(
  aggregate: 'count' | 'distinct',
  groups: Groups,
  column: TextColumn | DateColumn | null,
): Aggregated {
  const input = inputOf(groups);
  const codes = column === null ? null : column.kind === 'text' ? column.codes : column.days;
  const blank = column?.kind === 'text' ? -1 : missingDay;
  const present = (row: number) => codes === null || codes[row] !== blank;
  if (aggregate === 'count' || codes === null) return countRows(input, present);
  const seen = Array.from({ length: input.count }, () => new Set<number>());
  forEachRow(input, (row, group) => present(row) && seen[group]?.add(codes[row] as number));
  // Where nothing is to be counted, the count is missing, as it is for figures.
  return Float64Array.from(seen, (set) => set.size || NaN);
}

function forEachRow({ ofRow }: AggregationInput, visit: (row: number, group: number) => void) {
  for (let row = 0; row < ofRow.length; row += 1) {
    const group = ofRow[row] as number;
    if (group >= 0) visit(row, group);
  }
}

/** NaN for a group without any row: a period with no row is missing, not a count of zero. */
function countRows(input: AggregationInput, present: (row: number) => boolean): Aggregated {
  const counts = new Float64Array(input.count).fill(NaN);
  forEachRow(input, (row, group) => {
    const before = counts[group] as number;
    counts[group] = (Number.isNaN(before) ? 0 : before) + (present(row) ? 1 : 0);
  });
  return counts;
}

function extremes(input: AggregationInput, { values }: NumberColumn, sign: 1 | -1): Aggregated {
  const best = new Float64Array(input.count).fill(NaN);
  forEachRow(input, (row, group) => {
    const figure = values[row] as number;
    if (Number.isNaN(figure)) return;
    const before = best[group] as number;
    if (Number.isNaN(before) || sign * (figure - before) > 0) best[group] = figure;
  });
  return best;
}

/** The first or last figure by date, then by the order of the rows. */
function byDate(
  input: AggregationInput,
  { values }: NumberColumn,
  which: 'first' | 'last',
): Aggregated {
  const found = new Float64Array(input.count).fill(NaN);
  const foundOn = new Int32Array(input.count).fill(missingDay);
  const { days } = input;
  forEachRow(input, (row, group) => {
    const figure = values[row] as number;
    if (Number.isNaN(figure)) return;
    const day = days[row] as number;
    const before = foundOn[group] as number;
    const wins = which === 'last' ? day >= before : before === missingDay || day < before;
    if (!wins) return;
    found[group] = figure;
    foundOn[group] = day;
  });
  return found;
}

/** Lays the figures of each group side by side, sorted, and reduces each group to one figure. */
function gathered(
  input: AggregationInput,
  { values }: NumberColumn,
  reduce: (sorted: Float64Array) => number,
): Aggregated {
  const present = (row: number) => !Number.isNaN(values[row]);
  const counts = countRows(input, present);
  const ends = new Int32Array(input.count);
  let total = 0;
  counts.forEach((count, group) => {
    ends[group] = total;
    total += Number.isNaN(count) ? 0 : count;
  });
  const laid = new Float64Array(total);
  forEachRow(input, (row, group) => {
    if (present(row)) laid[(ends[group] as number)++] = values[row] as number;
  });
  return counts.map((count, group) =>
    count > 0 ? reduce(laid.subarray((ends[group] as number) - count, ends[group]).sort()) : NaN,
  );
}
