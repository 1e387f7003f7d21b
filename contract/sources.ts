import { array, boolean, type InferType, mixed, number, object, string } from 'yup';
import { type ColumnProfile, columnShape, type FileForm, fileFormShape } from './deliveries';

/** A chart that draws from a source, as it is listed. */
export const listedChartShape = object({
  id: number().required(),
  dashboardId: number().required(),
  title: string().required(),
});

export const sourceColumnShape = columnShape.shape({
  decimals: number().required(),
  words: number().required(),
  /** how many different values it has, and the least and the greatest; null: nobody looked */
  distinct: number().nullable().defined(),
  range: mixed<[number, number]>().nullable().defined(),
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

/** A source in a list, with the names of its measures. */
export const listedSourceShape = sourceShape.shape({
  measures: array(object({ id: number().required(), name: string().required() })).required(),
});
export type ListedSource = InferType<typeof listedSourceShape>;

/** A column of a source, as its page shows it. */
export type SourceProfile = Pick<
  ColumnProfile,
  'blank' | 'doubtful' | 'distinct' | 'range' | 'bins' | 'common'
>;

export const sourceDetailShape = sourceShape.shape({
  form: fileFormShape.required(),
  /** by place of the column; none for what came in before they were kept */
  profiles: array(mixed<SourceProfile>().required()).required(),
  doubtful: array(
    object({
      row: number().required(),
      column: string().required(),
      text: string().defined(),
    }),
  ).required(),
  doubtfulTotal: number().required(),
  /** the file of the version in use, when it is still here, to be prepared anew */
  uploadId: string().nullable().defined(),
  versions: array(
    object({
      id: number().required(),
      fileName: string().required(),
      rows: number().required(),
      mode: string().required(),
      by: string().nullable().defined(),
      broughtInAt: string().required(),
      current: boolean().required(),
    }),
  ).required(),
  charts: array(listedChartShape).required(),
  preview: array(array(string().defined().nullable()).required()).required(),
});
export type SourceDetail = Omit<InferType<typeof sourceDetailShape>, 'form'> & { form: FileForm };

/** The words of a text column. */
export const wordsShape = array(string().required()).required();

/** Sources that were removed and can be brought back. */
export const removedSourcesShape = array(
  object({ id: number().required(), name: string().required(), removedAt: string().required() }),
).required();
export type RemovedSource = InferType<typeof removedSourcesShape>[number];
