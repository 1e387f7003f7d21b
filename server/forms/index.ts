import type { FileChoices, FormKind } from '../../contract';
import { delimited } from './delimited';
import type { Chosen, DeliveredFile, FormReader, RowBatches } from './form';
import { json } from './json';
import { jsonLines } from './jsonLines';
import { parquet } from './parquet';
import { tooManyFields } from './refusals';
import { spreadsheet } from './spreadsheet';
import { firstBytes } from './wholeFile';

type AnyReader = FormReader<FormKind>;

/** All forms, those first that are known by their first bytes. A new form is a line here. */
const readers = [parquet, spreadsheet, jsonLines, json, delimited] as unknown as AnyReader[];

const readerOf = (kind: FormKind) => readers.find((each) => each.kind === kind) as AnyReader;

/**
 * Recognises the form of a file and makes the choices that are left open.
 * @param given what a person chose, of this file or of one before it; it is taken as far as it fits
 * @throws ProblemError when it is no table
 */
export async function chooseForm(
  file: DeliveredFile,
  given: FileChoices | undefined,
): Promise<Chosen<FileChoices>> {
  const start = await firstBytes(file);
  const recognised = readers.find((each) => each.recognises(start, file.name)) as AnyReader;
  // What is text may be meant otherwise than it looks; what shows its form by its bytes may not.
  const isText = given && !isBinary(given.kind) && recognised === plainText;
  const reader = isText ? readerOf(given.kind) : recognised;
  return reader.choose(file, start, given?.kind === reader.kind ? given : {});
}

const plainText = readerOf('delimited');

const isBinary = (kind: FormKind) => kind === 'parquet' || kind === 'spreadsheet';

/** No spreadsheet is wider. */
const mostCells = 16_384;

/**
 * The rows of a file as they stand in it.
 * @param choices the form, and what of it is read
 * @throws ProblemError with the place at which the file stops making sense
 * @returns batches of rows, of cells as text, figures or days
 */
export async function* readForm(file: DeliveredFile, choices: FileChoices): RowBatches {
  let rows = 0;
  for await (const batch of readerOf(choices.kind).rows(file, choices)) {
    const wide = batch.findIndex((row) => row.length > mostCells);
    if (wide >= 0) throw tooManyFields(mostCells, rows + wide + 1);
    rows += batch.length;
    yield batch;
  }
}

export type { Chosen, DeliveredFile, RowBatches } from './form';
