import {
  type Announced,
  type DeliveryMode,
  type FileForm,
  formOf,
  type Question,
  titleOf,
  type Understanding,
  type WholeForm,
} from '../../contract';
import { sayStep } from '../../core/preparation';
import type { Cell, CellValue } from '../../core/table';
import { type Place, ProblemError } from '../../core/values';
import { type Database, isDatabaseAway } from '../database';
import { type DeliveredFile, readForm } from '../forms';
import {
  type FoundDoubts,
  isMerged,
  openStandingRows,
  rowByRow,
  sourceGone,
  type StandingRows,
  type StoreListener,
  storeVersion,
  Superseded,
  type Target,
  type TypedTable,
} from '../sources';
import { type Against, DeliveredRows } from './deliveredRows';
import { Doubts } from './doubts';
import { takeSample } from './sample';
import { typedRows } from './typedRows';
import type { Lookups } from './recognise';
import { understandFile } from './understand';

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

type IntoSource = Extract<Target, { sourceId: number }>;

/** How often rows are put to those of a source anew that others bring rows into meanwhile. */
const mostTries = 20;

/**
 * Brings a file in: understands it, unless that has been done, and stores its rows. Where others have
 * brought rows into the source meanwhile, rows that come to them are put to them anew.
 * @param announced what somebody was told that it would change; null: nobody was told anything
 * @returns the source's id
 * @throws ProblemError when it cannot be read, leaves a question open, misses what its preparation
 *   needs, or would change other than was announced; no trace of it remains
 */
export async function deliverFile(
  database: Database,
  target: Target,
  delivery: FileDelivery,
  { announced = null, ...listener }: StoreListener & { announced?: Announced | null } = {},
): Promise<number> {
  const { file, uploadId, form, lookups, understood } = delivery;
  const understanding = understood ?? (await understandFile(file, form, lookups));
  refuseOpen(understanding);
  const table = tableOf(file, understanding, lookups);
  const { doubts } = table;
  const whole = { fileName: file.name, uploadId, form: formOf(understanding), doubts };
  if ('name' in target)
    return storeVersion(database, target, null, { ...whole, table: rowByRow(table) }, listener);
  const rows = new DeliveredRows(database, table);
  try {
    for (let tried = 1; ; tried += 1) {
      const base = await openStandingRows(database, target.sourceId);
      if (!base) throw sourceGone();
      const against = await rows.against(base.rows);
      await holdToAnnounced(base, against, target, announced);
      try {
        const merged = await against.merged(target.mode, target.keys);
        return await storeVersion(database, target, base, { ...whole, table: merged }, listener);
      } catch (error) {
        if (!(await isSuperseded(database, base, target, error))) throw error;
        if (!isMerged(target.mode)) throw changedMeanwhile();
        if (tried === mostTries) throw error;
      }
    }
  } finally {
    await rows.end();
  }
}

/** Rows that were read may have been dropped once the source stands on others. */
async function isSuperseded(
  database: Database,
  { versionId }: StandingRows,
  target: IntoSource,
  error: unknown,
): Promise<boolean> {
  if (error instanceof Superseded) return true;
  if (error instanceof ProblemError || isDatabaseAway(error)) return false;
  return (await openStandingRows(database, target.sourceId))?.versionId !== versionId;
}

/**
 * Makes sure that a delivery changes what somebody was told that it would.
 * @throws ProblemError when the source stands on other rows now, and it would change them otherwise
 */
async function holdToAnnounced(
  base: StandingRows,
  against: Against,
  { mode, keys }: { mode: DeliveryMode; keys: readonly string[] },
  announced: Announced | null,
) {
  if (!announced || announced.builtOn === base.versionId) return;
  if (!isMerged(mode)) throw changedMeanwhile();
  const { added, removed, changed } = await against.compare(mode, keys);
  const asAnnounced =
    added.count === announced.added &&
    removed.count === announced.removed &&
    changed.count === announced.changed;
  if (!asAnnounced) throw changedMeanwhile();
}

const changedMeanwhile = () =>
  new ProblemError({
    code: 'changed-meanwhile',
    sentence:
      'Other rows have come into this source since you looked at it, and nothing of yours is stored. See what it would change now, then bring it in.',
  });

/** What a file becomes, ready to be read row by row. */
export function tableOf(
  file: DeliveredFile,
  understanding: Understanding,
  lookups: Lookups,
): TypedTable & { doubts(): FoundDoubts } {
  const { columns, found, rows, ofRows } = understanding;
  const form = formOf(understanding);
  let doubts = new Doubts();
  const read = () => {
    doubts = new Doubts();
    return typedBatches(file, form, lookups, doubts);
  };
  // Of what was looked at in part, nobody knows what is still to come.
  const known =
    ofRows === null
      ? { found, rows, batches: () => wholeOf(rows, read()) }
      : { found: null, rows: ofRows, batches: read };
  return { columns, ...known, doubts: () => doubts.found() };
}

/** @throws ProblemError when fewer rows come than were understood, or more */
async function* wholeOf(
  rows: number,
  batches: AsyncIterable<CellValue[][]>,
): AsyncGenerator<CellValue[][]> {
  let read = 0;
  for await (const batch of batches) {
    read += batch.length;
    yield batch;
  }
  if (read !== rows)
    throw new ProblemError({
      code: 'not-whole',
      sentence: `${read.toLocaleString('en-GB')} rows of the file could be read, and it had ${rows.toLocaleString('en-GB')} when it was looked at. Choose it again.`,
    });
}

async function* typedBatches(
  file: DeliveredFile,
  form: WholeForm,
  lookups: Lookups,
  doubts: Doubts,
): AsyncGenerator<CellValue[][]> {
  const { decimalMark, zone, missing } = form;
  const batches = readForm(file, form.file);
  const { rows: firstRows } = await takeSample(batches, headRows);
  const title = titleOf(file.name, form.file);
  const context = { writing: { decimalMark, zone, missing }, firstRows, title, lookups };
  let out: CellValue[][] = [];
  const way = typedRows(form, context, (row) => {
    doubts.take(row);
    out.push(row.values);
  });
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

/** What each kind of question says to whoever brings a file in without having answered it. */
const refusals: {
  [Kind in Question['kind']]: (of: Extract<Question, { kind: Kind }>) => Unanswered;
} = {
  part: ({ wanted, parts }) => [
    `The file has no “${wanted}”. It has ${parts.map((part) => `“${part}”`).join(', ')}: say which is meant.`,
    { field: 'file' },
  ],
  proposal: ({ proposal: { step, why } }) => [
    `${why}: “${sayStep(step)}”. Say whether that is to be done.`,
    { field: 'steps' },
  ],
  digits: ({ column, examples }) => [
    `The digits of “${column}” (${examples.join(', ')}) may be amounts or names. Say which.`,
    { column },
  ],
  dateOrder: ({ column, patterns, examples }) => [
    `The dates of “${column}” can be read as ${patterns.join(' or as ')}: ${examples.join(', ')}. Say which.`,
    { column },
  ],
  fiscalStart: ({ column }) => [
    `“${column}” holds fiscal quarters. Say in which month the fiscal year begins.`,
    { column },
  ],
};

type Unanswered = [sentence: string, place: Place];

/** @throws ProblemError when something has to be answered or mended first */
export function refuseOpen({ questions, misfits, steps }: Understanding) {
  const [question] = questions;
  if (question) {
    const refuse = refusals[question.kind] as (of: Question) => Unanswered;
    const [sentence, place] = refuse(question);
    throw new ProblemError({ code: 'question', sentence, place });
  }
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
