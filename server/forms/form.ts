import type { ChoicesOf, FormKind } from '../../contract';
import type { Cell } from '../../core/table';

/** A delivered file, which can be read again from its first byte. */
export interface DeliveredFile {
  name: string;
  open(): AsyncIterable<Buffer>;
}

/** Rows as they stand in a file, some at a time. */
export type RowBatches = AsyncGenerator<Cell[][], void, undefined>;

/** What is chosen about a file. */
export interface Chosen<Choices> {
  choices: Choices;
  /** what else could be chosen: the sheets of a workbook, the arrays of a document */
  parts: string[];
  /** the part that was wanted, as the file before had it, and that this file does not have */
  lacks?: string | null;
  /** days are counted from 1904 on where they are counted */
  epoch1904?: boolean;
  /** what of the file is not as it looks, in sentences */
  notices?: string[];
}

/** One form of file: how it is recognised, what is to be chosen about it, and how its rows are read. */
export interface FormReader<Kind extends FormKind> {
  kind: Kind;
  recognises(start: Buffer, fileName: string): boolean;
  /**
   * Makes the choices that are left open, and those that do not fit the file, and tells what else could
   * be chosen.
   * @throws ProblemError when the file is not of this form
   */
  choose(
    file: DeliveredFile,
    start: Buffer,
    given: Partial<ChoicesOf<Kind>>,
  ): Promise<Chosen<ChoicesOf<Kind>>>;
  /** @throws ProblemError with the place at which the file stops making sense */
  rows(file: DeliveredFile, choices: ChoicesOf<Kind>): RowBatches;
}

/** Rows that are read at once. */
export const batchRows = 5000;

/** Cuts rows that are all there into batches. */
export async function* inBatches(rows: Iterable<Cell[]>): RowBatches {
  let batch: Cell[][] = [];
  for (const row of rows) {
    batch.push(row);
    if (batch.length < batchRows) continue;
    yield batch;
    batch = [];
  }
  if (batch.length > 0) yield batch;
}
