import type { Cell } from '../../core/table';
import type { RowBatches } from '../forms';

/** Of very wide rows fewer tell how a file is written. */
const mostCells = 1_000_000;

/** The first rows of a file, and whether they are all of it. */
export interface Sample {
  rows: Cell[][];
  whole: boolean;
}

/** Takes the first rows of a file, at least so many where it has them; the others are still to come. */
export async function takeSample(batches: RowBatches, least: number): Promise<Sample> {
  const rows: Cell[][] = [];
  let cells = 0;
  while (rows.length < least && cells < mostCells) {
    const { done, value } = await batches.next();
    if (done) return { rows, whole: true };
    // Appended one by one: a batch may be longer than a call takes arguments.
    for (const row of value) {
      rows.push(row);
      cells += row.length;
    }
  }
  return { rows, whole: false };
}
