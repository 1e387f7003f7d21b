import { type FileForm, formOf, type Understanding, type WholeForm } from '../../contract';
import { sayStep } from '../../core/preparation';
import type { Cell, CellValue } from '../../core/table';
import { ProblemError } from '../../core/values';
import type { Database } from '../database';
import { type DeliveredFile, readForm } from '../forms';
import { type StoreListener, storeVersion, type Target, type TypedTable } from '../sources';
import { takeSample } from './sample';
import { typedRows } from './typedRows';
import { type Lookups, type OnRows, understandFile } from './understand';

/** A head stands among so many rows. */
const headRows = 60;

/** A file on its way into a source. */
export interface FileDelivery {
  file: DeliveredFile;
  uploadId: string | null;
  form: FileForm;
  lookups: Lookups;
  /** what is known of it by just this form; null when it has to be looked at first */
  understood: Understanding | null;
}

/**
 * Brings a file in: understands it, unless that has been done, and stores its rows.
 * @returns the source's id
 * @throws ProblemError when it cannot be read, leaves a question open or misses what its preparation
 *   needs; no trace of it remains
 */
export async function deliverFile(
  database: Database,
  target: Target,
  delivery: FileDelivery,
  listener: StoreListener & { onRead?: OnRows } = {},
): Promise<number> {
  const { file, uploadId, form, lookups, understood } = delivery;
  const understanding = understood ?? (await understandFile(file, form, lookups, listener.onRead));
  refuseOpen(understanding);
  const { doubtful, doubtfulTotal } = understanding;
  return storeVersion(
    database,
    target,
    {
      ...{ fileName: file.name, uploadId, form: formOf(understanding) },
      doubts: { total: doubtfulTotal, listed: doubtful },
      table: tableOf(file, understanding, lookups),
    },
    listener,
  );
}

/** What a file becomes, ready to be read row by row. */
export function tableOf(
  file: DeliveredFile,
  understanding: Understanding,
  lookups: Lookups,
): TypedTable {
  const { columns, found, rows } = understanding;
  const form = formOf(understanding);
  return { columns, found, rows, batches: () => typedBatches(file, form, lookups) };
}

async function* typedBatches(
  file: DeliveredFile,
  form: WholeForm,
  lookups: Lookups,
): AsyncGenerator<CellValue[][]> {
  const { decimalMark, zone, missing } = form;
  const batches = readForm(file, form.file);
  const firstRows = await takeSample(batches, headRows);
  const context = { writing: { decimalMark, zone, missing }, firstRows, lookups };
  let out: CellValue[][] = [];
  const way = typedRows(form, context, ({ values }) => out.push(values));
  let number = 0;
  const push = (cells: Cell[]) => way.push({ number: ++number, cells });
  firstRows.forEach(push);
  for await (const batch of batches) {
    batch.forEach(push);
    yield out;
    out = [];
  }
  way.end();
  yield out;
}

/** @throws ProblemError when something has to be answered or mended first */
export function refuseOpen({ questions, misfits, steps }: Understanding) {
  const [question] = questions;
  if (question?.kind === 'dateOrder')
    throw new ProblemError({
      code: 'question',
      sentence: `The dates of “${question.column}” can be read as ${question.patterns.join(' or as ')}: ${question.examples.join(', ')}. Say which.`,
      place: { column: question.column },
    });
  if (question)
    throw new ProblemError({
      code: 'question',
      sentence: `“${question.column}” holds fiscal quarters. Say in which month the fiscal year begins.`,
      place: { column: question.column },
    });
  const [misfit] = misfits;
  if (!misfit) return;
  const place = steps.findIndex(({ id }) => id === misfit.step);
  const step = steps[place];
  throw new ProblemError({
    code: 'step-misfit',
    sentence: `Sentence ${place + 1}, “${step ? sayStep(step) : ''}”, does not fit this file: ${misfit.sentence}`,
    place: { field: `steps.${place}` },
  });
}
