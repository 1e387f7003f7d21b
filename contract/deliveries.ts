import { array, boolean, type InferType, mixed, number, object, string } from 'yup';
import { datePatterns, parseDay } from '../core/calendar';
import { type Misfit, mostSeen, type Proposal, type Step, stepsShape } from '../core/preparation';
import type { Cell, ColumnUnderstanding, DateQuestion, Profile } from '../core/table';
import { figure, list } from '../core/values';
import { type FileChoices, fileShape } from './forms';
import { zone } from './zones';
import { announcedShape, type Changes, deliveryModes, type DeliveryMode } from './changes';

export const decimalMarks = ['.', ','] as const;

/** The largest file that a server takes, and how many rows it may come to: it says so itself. */
export const fileLimitsShape = object({ bytes: number().required(), rows: number().required() });

export type FileLimits = InferType<typeof fileLimitsShape>;

/** What may come in at most, wherever it does. */
export const bringInLimits = {
  columns: 200,
  /** doubtful cells that are listed one by one */
  listed: 200,
  /** rows that are shown as they stand in the file */
  shown: 60,
};

const month = () => figure().integer().min(1).max(12);

export const columnShape = object({
  name: string().required().max(200),
  kind: mixed<'date' | 'number' | 'text'>().oneOf(['date', 'number', 'text']).required(),
  datePattern: mixed<(typeof datePatterns)[number]>().oneOf(datePatterns).nullable().defined(),
  decimalMark: mixed<(typeof decimalMarks)[number]>().oneOf(decimalMarks).nullable(),
  fiscalStart: month().nullable(),
  order: array(string().required().max(500)).max(500).nullable(),
});

const day = string().test(
  'day',
  'Write the day as 2026-11-23.',
  (text) => text == null || parseDay(text) !== null,
);

/** How a delivered file is to be read and prepared; whatever is left out is recognised. */
export const fileFormShape = object({
  file: fileShape as unknown as ReturnType<typeof mixed<FileChoices>>,
  decimalMark: mixed<(typeof decimalMarks)[number]>().oneOf(decimalMarks),
  /** the time zone that turns date-times with an offset into dates */
  zone,
  /** what counts as missing beside blanks; left out: the usual signs */
  missing: list(string().required().max(12), 60).nullable(),
  /** the preparation, sentence by sentence */
  steps: stepsShape,
  /** what the rows seemed to need that the preparation was decided on */
  seen: list(string().required().max(2000), mostSeen),
  columns: list(columnShape.required(), bringInLimits.columns),
  /** the day up to which nothing more is to come; left out: as its dates tell */
  completeTo: day.nullable(),
  /** all this was decided on of the file before: what fits nothing in this one is recognised anew */
  ofFileBefore: boolean(),
});

export type FileForm = Omit<
  InferType<typeof fileFormShape>,
  'file' | 'steps' | 'columns' | 'seen'
> & {
  file?: FileChoices;
  steps?: Step[];
  seen?: string[];
  columns?: ColumnUnderstanding[];
};

/** A form with every choice made. */
export interface WholeForm extends FileForm {
  file: FileChoices;
  decimalMark: (typeof decimalMarks)[number];
  zone: string;
  steps: Step[];
  seen: string[];
  columns: ColumnUnderstanding[];
}

/**
 * The form of an understanding, every choice made, without what was found by it.
 * @param understanding with what was found, which is left out
 */
export function formOf(understanding: WholeForm): WholeForm {
  const { file, decimalMark, zone, missing, steps, seen, columns, completeTo } = understanding;
  return { file, decimalMark, zone, missing, steps, seen, columns, completeTo };
}

/**
 * What the next file of a source takes over; the rest is what each file tells of itself.
 * @param form the form by which the last file was brought in
 */
export const forNextFile = (form: FileForm): FileForm => ({
  ...form,
  completeTo: null,
  ofFileBefore: true,
  file: form.file?.kind === 'delimited' ? { ...form.file, encoding: undefined } : form.file,
});

/** What the cells of a column hold. */
export type ColumnProfile = Profile & { doubtful: number };

/** A file as it was understood. */
export interface Understanding extends WholeForm {
  /** how many rows were looked at */
  rows: number;
  /** of a large file only the first rows are looked at: about how many there are; null: all were */
  ofRows: number | null;
  /** what else could be chosen: the sheets of a workbook, the arrays of a document */
  parts: string[];
  /** the first rows as they stand in the file */
  firstRows: Cell[][];
  /** the first rows as they come out of the preparation */
  preview: Cell[][];
  found: ColumnProfile[];
  /** the first cells that do not fit their column; rows count from 1, as in the file */
  doubtful: { row: number; column: string; text: string }[];
  doubtfulTotal: number;
  /** signs that were taken as missing, and how often */
  signs: { sign: string; count: number }[];
  /** steps that could be added */
  offers: Step[];
  misfits: Misfit[];
  /** by the id of their step: what it did */
  remarks: Record<string, string>;
  /** what has to be answered before the file can be brought in */
  questions: Question[];
  /** figures that could be read with the other decimal mark, by column */
  doubleReadings: { column: string; examples: string[] }[];
  /** whether cells name an offset, so that the zone decides their day */
  zoned: boolean;
  /** the column of dates that a chart would take, what it is recorded by, and up to when it is complete */
  recording: { column: string; by: string; standsOn: string | null; completeTo: string } | null;
  /** what is read otherwise than in the file before, or than it looks */
  notices: Notice[];
  /** columns that the corrections name and the file does not have */
  lost: string[];
}

/** Something that is said of how a file is read, and the column as it would be otherwise. */
export interface Notice {
  sentence: string;
  otherwise?: { label: string; column: ColumnUnderstanding };
}

export type Question =
  /** digits that may be amounts or names */
  | { kind: 'digits'; column: string; examples: string[] }
  /** the part of the file that was wanted is not there, and there are several others */
  | { kind: 'part'; wanted: string; parts: string[] }
  | { kind: 'proposal'; proposal: Proposal }
  | ({ kind: 'dateOrder' } & DateQuestion)
  | { kind: 'fiscalStart'; column: string; examples: string[] };

export const uploadShape = object({
  id: string().required(),
  fileName: string().required(),
  bytes: number().required(),
});

export type Upload = InferType<typeof uploadShape>;

export const understandBody = fileFormShape;

/** What has become of bringing a file in. */
export const deliveryStates = ['running', 'done', 'failed', 'stopped'] as const;

export type DeliveryState = (typeof deliveryStates)[number];

/** What becomes of a file that is being brought in, also once its page was left. */
export interface Underway {
  id: number;
  uploadId: string;
  fileName: string;
  /** null until a new source is made */
  sourceId: number | null;
  state: DeliveryState;
  /** how far it is, 0 to 1 */
  share: number;
  rows: number;
  /** why it has failed */
  sentence: string | null;
  changedAt: string;
}

const targetFields = {
  /** the name of a new source */
  name: string().trim().min(1).max(120),
  /** or the source that the rows come to */
  sourceId: figure().integer().positive(),
  mode: mixed<DeliveryMode>().oneOf(deliveryModes),
  /** the columns that tell rows apart, where rows are updated */
  keys: list(string().required().max(200), 20),
  form: fileFormShape.required(),
  /** left out where nothing was announced */
  announced: announcedShape.default(undefined).optional(),
};

export const bringInBody = object(targetFields)
  .test('target', 'Give the source a name.', ({ name, sourceId }) => !!name !== !!sourceId)
  .test(
    'keys',
    'Choose the columns that tell the rows apart.',
    ({ mode, keys }) => mode !== 'update' || (keys?.length ?? 0) > 0,
  );

export const compareBody = object({
  sourceId: figure().integer().positive().required(),
  mode: mixed<DeliveryMode>().oneOf(deliveryModes).required(),
  keys: list(string().required().max(200), 20),
  form: fileFormShape.required(),
});

/** One line of the stream that long work answers with, as JSON. */
export type BringInStep =
  | { kind: 'progress'; doing: 'reading' | 'storing' | 'comparing'; share: number; rows: number }
  | { kind: 'done'; sourceId: number }
  | { kind: 'understood'; understanding: Understanding }
  | { kind: 'compared'; changes: Changes }
  | { kind: 'problem'; detail: string; code: string };
