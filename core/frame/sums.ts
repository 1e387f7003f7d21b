import type { Day } from '../calendar';
import { missingDay, type NumberColumn } from '../table';
import { ExactSum } from '../values';
import { groupOfRows, type Groups } from './groups';

/** Below this, whole numbers behind decimals are found by rounding and add up exactly. */
const exactBelow = 2 ** 50;

/**
 * The exact sum of each group; NaN where the group has no figure. Written as one loop over the rows:
 * a million of them are summed while somebody waits.
 */
export function sumGroups(groups: Groups, column: NumberColumn): Float64Array {
  const scale = 10 ** column.decimals;
  if (column.largest * scale * column.values.length >= exactBelow) return sumLarge(groups, column);
  const totals = sumWholes(groups, column.values, scale);
  for (let group = 0; group < totals.length; group += 1) {
    const total = totals[group] as number;
    totals[group] = Object.is(total, -0) ? NaN : total / scale;
  }
  return totals;
}

/** A negative zero stays one only where nothing was added: it marks a group without a figure. */
function sumWholes(
  { days, codes, blank, first, offsets, count }: Groups,
  values: Float64Array,
  scale: number,
): Float64Array {
  const totals = new Float64Array(count).fill(-0);
  for (let row = 0; row < values.length; row += 1) {
    const figure = values[row] as number;
    const day = days[row] as Day;
    if (Number.isNaN(figure) || day === missingDay) continue;
    let code = codes === null ? 0 : (codes[row] as number);
    if (code < 0) code = blank;
    const group = (offsets[day - first] as number) + code;
    totals[group] = (totals[group] as number) + (Math.round(figure * scale) + 0);
  }
  return totals;
}

function sumLarge(groups: Groups, { values, decimals }: NumberColumn): Float64Array {
  const totals = new Array<ExactSum | undefined>(groups.count);
  groupOfRows(groups).forEach((group, row) => {
    const figure = values[row] as number;
    if (group >= 0 && !Number.isNaN(figure)) (totals[group] ??= new ExactSum(decimals)).add(figure);
  });
  return Float64Array.from(totals, (total) => total?.total ?? NaN);
}
