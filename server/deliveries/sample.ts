import type { Cell } from '../../core/table';
import type { RowBatches } from '../forms';

/** Of very wide rows fewer tell how a file is written. */
const mostCells = 1_000_000;

/** Takes the first rows of a file, at least so many where it has them; the others are still to come. */
export async function takeSample(batches: RowBatches, least: number): Promise<Cell[][]> {
  const sample: Cell[][] = [];
  let cells = 0;
  while (sample.length < least && cells < mostCells) {
    const { done, value } = await batches.next();
    if (done) break;
    // Appended one by one: a batch may be longer than a call takes arguments.
    for (const row of value) {
      sample.push(row);
      cells += row.length;
    }
  }
  return sample;
}
