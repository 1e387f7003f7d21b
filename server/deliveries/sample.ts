import type { Cell } from '../../core/table';
import type { RowBatches } from '../forms';

/** Takes the first rows of a file, at least so many where it has them; the others are still to come. */
export async function takeSample(batches: RowBatches, least: number): Promise<Cell[][]> {
  const sample: Cell[][] = [];
  while (sample.length < least) {
    const { done, value } = await batches.next();
    if (done) break;
    // Appended one by one: a batch may be longer than a call takes arguments.
    for (const row of value) sample.push(row);
  }
  return sample;
}
