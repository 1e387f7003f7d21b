import { type InferType, lazy, mixed, object, string } from 'yup';

export const delimiters = [',', ';', '\t', '|'] as const;
export const encodings = ['utf-8', 'utf-16le', 'utf-16be', 'windows-1252'] as const;

/** What is chosen about a file of each form; whatever is left out is recognised. */
const shapes = {
  /** rows of text whose cells end at a delimiter, also when they were pasted */
  delimited: object({
    kind: string<'delimited'>().oneOf(['delimited']).required(),
    encoding: mixed<(typeof encodings)[number]>().oneOf(encodings),
    delimiter: mixed<(typeof delimiters)[number]>().oneOf(delimiters),
  }),
  /** a workbook of a spreadsheet program */
  spreadsheet: object({
    kind: string<'spreadsheet'>().oneOf(['spreadsheet']).required(),
    sheet: string().max(100),
    /** the cells to read, as in B3:H40; left out: all of the sheet */
    range: string()
      .matches(/^[A-Z]{1,3}\d{1,7}:[A-Z]{1,3}\d{1,7}$/i, {
        message: 'Write the range as in B3:H40.',
        excludeEmptyString: true,
      })
      .max(24),
  }),
  /** one JSON document with an array of records in it */
  json: object({
    kind: string<'json'>().oneOf(['json']).required(),
    /** the names that lead to the array, joined by points; empty when the document is the array */
    path: string().max(300),
  }),
  /** one JSON record on each line */
  jsonLines: object({ kind: string<'jsonLines'>().oneOf(['jsonLines']).required() }),
  parquet: object({ kind: string<'parquet'>().oneOf(['parquet']).required() }),
};

export type FormKind = keyof typeof shapes;

/** The form of a delivered file, with what is chosen about it. */
export type FileChoices = { [Kind in FormKind]: InferType<(typeof shapes)[Kind]> }[FormKind];

/** The choices of one form. */
export type ChoicesOf<Kind extends FormKind> = Extract<FileChoices, { kind: Kind }>;

const formKinds = Object.keys(shapes) as FormKind[];

export const fileShape = lazy((value: { kind?: FormKind } | undefined) =>
  value === undefined
    ? mixed<FileChoices>().optional()
    : (shapes[value.kind as FormKind] ??
      object({
        kind: string()
          .oneOf(formKinds, `A file is of one of these forms: ${formKinds.join(', ')}.`)
          .required(),
      })),
);

/** How people call a file of each form. */
export const formNames: Record<FormKind, string> = {
  delimited: 'text',
  spreadsheet: 'a workbook',
  json: 'a JSON document',
  jsonLines: 'lines of JSON',
  parquet: 'a Parquet file',
};

/**
 * What a file and its part are called, which may say a year that its rows do not.
 * @param fileName with its ending
 * @param choices which sheet or part of the file is read
 */
export const titleOf = (fileName: string, choices: FileChoices) =>
  `${fileName} ${'sheet' in choices ? choices.sheet : ''}`;
