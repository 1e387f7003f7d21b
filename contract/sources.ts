import { array, boolean, type InferType, mixed, number, object, string } from 'yup';
import { datePatterns } from '../core/calendar';
import { figure, list } from '../core/values';
import { zone } from './zones';

export const delimiters = [',', ';', '\t', '|'] as const;
export const encodings = ['utf-8', 'utf-16le', 'utf-16be', 'windows-1252'] as const;
export const decimalMarks = ['.', ','] as const;

/** What may come in at most. */
export const bringInLimits = {
  bytes: 100 * 1024 * 1024,
  rows: 2_000_000,
  columns: 200,
  /** doubtful cells that are listed one by one */
  listed: 200,
};

export const columnShape = object({
  name: string().required().max(200),
  kind: mixed<'date' | 'number' | 'text'>().oneOf(['date', 'number', 'text']).required(),
  datePattern: mixed<(typeof datePatterns)[number]>().oneOf(datePatterns).nullable().defined(),
});

/** How a delivered file is to be read; whatever is left out is recognised. */
export const fileFormShape = object({
  encoding: mixed<(typeof encodings)[number]>().oneOf(encodings),
  delimiter: mixed<(typeof delimiters)[number]>().oneOf(delimiters),
  decimalMark: mixed<(typeof decimalMarks)[number]>().oneOf(decimalMarks),
  /** the time zone that turns date-times with an offset into dates */
  zone,
  columns: list(columnShape.required(), bringInLimits.columns),
});
export type FileForm = InferType<typeof fileFormShape>;

/** A file as it was understood: every choice made. */
export interface Understanding extends Required<FileForm> {
  rows: number;
  /** the first rows, as written */
  preview: string[][];
  found: {
    blank: number;
    doubtful: number;
    /** the most digits after a decimal mark */
    decimals: number;
    /** the largest figure by size */
    largest: number;
    /** how many different words a text column has, up to 1,000 */
    words: number;
  }[];
  /** the first cells that do not fit their column; rows count from 1, the head being row 1 */
  doubtful: { row: number; column: string; text: string }[];
  doubtfulTotal: number;
}

export const uploadShape = object({
  id: string().required(),
  fileName: string().required(),
  bytes: number().required(),
});
export type Upload = InferType<typeof uploadShape>;

export const understandBody = fileFormShape;

export const bringInBody = object({
  /** the name of a new source */
  name: string().trim().min(1).max(120),
  /** or the source whose figures are replaced */
  sourceId: figure().integer().positive(),
  form: fileFormShape.required(),
}).test('target', 'Give the source a name.', ({ name, sourceId }) => !!name !== !!sourceId);

/** One line of the stream that a bring-in answers with, as JSON. */
export type BringInStep =
  | { kind: 'progress'; rows: number; ofRows: number }
  | { kind: 'done'; sourceId: number }
  | { kind: 'problem'; detail: string; code: string };

export const sourceColumnShape = columnShape.shape({
  decimals: number().required(),
  words: number().required(),
});

export const sourceShape = object({
  id: number().required(),
  name: string().required(),
  fileName: string().required(),
  rows: number().required(),
  columns: array(sourceColumnShape.required()).required(),
  broughtInAt: string().required(),
  /** the caller may replace or remove it */
  own: boolean().required(),
});
export type Source = InferType<typeof sourceShape>;

export const sourceDetailShape = sourceShape.shape({
  form: fileFormShape.required(),
  versions: array(
    object({
      id: number().required(),
      fileName: string().required(),
      rows: number().required(),
      broughtInAt: string().required(),
      current: boolean().required(),
    }),
  ).required(),
  charts: array(
    object({
      id: number().required(),
      dashboardId: number().required(),
      title: string().required(),
    }),
  ).required(),
  preview: array(array(string().defined().nullable()).required()).required(),
});
export type SourceDetail = InferType<typeof sourceDetailShape>;

/** The words of a text column. */
export const wordsShape = array(string().required()).required();
