import { type DateColumn, missingDay, type NumberColumn, type TextColumn } from '../table';
import { ExactSum, percentileOfSorted } from '../values';
import type { Aggregate } from './frame';

/** One figure per group; NaN where the group has none. */
type Aggregated = Float64Array;

/** What is aggregated: the groups of the rows and the columns read. */
export interface AggregationInput {
  ofRow: Int32Array;
  groups: number;
  dates: DateColumn;
}

/** Figures of a numeric column by group. */
export function aggregateNumbers(
  aggregate: Aggregate,
  input: AggregationInput,
  column: NumberColumn,
): Aggregated {
  switch (aggregate) {
    case 'sum':
      return sums(input, column);
    case 'mean': {
      const counted = countRows(input, (row) => !Number.isNaN(column.values[row]));
      return sums(input, column).map((sum, group) => sum / (counted[group] as number));
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
    case 'distinct':
      return gathered(input, column, (sorted) => new Set(sorted).size);
  }
}

/** Counts of a column that holds no figures, or of rows when there is no column. */
export function aggregateOthers(
  aggregate: 'count' | 'distinct',
  input: AggregationInput,
  column: TextColumn | DateColumn | null,
): Aggregated {
  const codes = column === null ? null : column.kind === 'text' ? column.codes : column.days;
  const blank = column?.kind === 'text' ? -1 : missingDay;
  const present = (row: number) => codes === null || codes[row] !== blank;
  if (aggregate === 'count' || codes === null) return countRows(input, present);
  const seen = Array.from({ length: input.groups }, () => new Set<number>());
  forEachRow(input, (row, group) => present(row) && seen[group]?.add(codes[row] as number));
  return Float64Array.from(seen, (set) => set.size);
}

function forEachRow({ ofRow }: AggregationInput, visit: (row: number, group: number) => void) {
  for (let row = 0; row < ofRow.length; row += 1) {
    const group = ofRow[row] as number;
    if (group >= 0) visit(row, group);
  }
}

/** NaN for a group without any row: a period with no row is missing, not a count of zero. */
function countRows(input: AggregationInput, present: (row: number) => boolean): Aggregated {
  const counts = new Float64Array(input.groups).fill(NaN);
  forEachRow(input, (row, group) => {
    const before = counts[group] as number;
    counts[group] = (Number.isNaN(before) ? 0 : before) + (present(row) ? 1 : 0);
  });
  return counts;
}

/** As long as the whole numbers behind the decimals stay exact, plain addition is exact too. */
function sums(input: AggregationInput, { values, decimals }: NumberColumn): Aggregated {
  const scale = 10 ** decimals;
  let size = 0;
  for (let row = 0; row < values.length; row += 1) {
    const figure = Math.abs(values[row] as number);
    if (figure > size) size = figure;
  }
  if (size * scale * values.length >= 2 ** 50) return longSums(input, values, decimals);
  const totals = new Float64Array(input.groups).fill(NaN);
  forEachRow(input, (row, group) => {
    const figure = values[row] as number;
    if (Number.isNaN(figure)) return;
    const before = totals[group] as number;
    totals[group] = (Number.isNaN(before) ? 0 : before) + Math.round(figure * scale);
  });
  return totals.map((total) => total / scale);
}

function longSums(input: AggregationInput, values: Float64Array, decimals: number): Aggregated {
  const totals = new Array<ExactSum | undefined>(input.groups);
  forEachRow(input, (row, group) => {
    const figure = values[row] as number;
    if (!Number.isNaN(figure)) (totals[group] ??= new ExactSum(decimals)).add(figure);
  });
  return Float64Array.from(totals, (total) => total?.total ?? NaN);
}

function extremes(input: AggregationInput, { values }: NumberColumn, sign: 1 | -1): Aggregated {
  const best = new Float64Array(input.groups).fill(NaN);
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
  const found = new Float64Array(input.groups).fill(NaN);
  const foundOn = new Int32Array(input.groups).fill(missingDay);
  const { days } = input.dates;
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
  const ends = new Int32Array(input.groups);
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
