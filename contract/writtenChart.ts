import { type InferType, mixed, object, string } from 'yup';
import { chartSchema } from '../core/chart';
import { figure, list } from '../core/values';
import { noteBody } from './dashboards';

/** More notes than these are not read in with a chart: a body holds no more. */
export const mostWrittenNotes = 500;

const named = object({
  id: figure().integer().positive().required(),
  name: string().required().max(200),
});

/**
 * A chart as it is written out: its definition with the names of the sources and measures that it draws
 * from, and its notes.
 */
export const writtenChartBody = object({
  kind: mixed<'stand-mark-chart'>()
    .oneOf(['stand-mark-chart'], 'This is not a chart written out by Stand Mark.')
    .required('This is not a chart written out by Stand Mark.'),
  version: mixed<1>()
    .oneOf([1], 'This chart was written out in a form that is not known here.')
    .required(),
  sources: list(named, 24).required(),
  measures: list(named, 24).required(),
  definition: chartSchema.required(),
  notes: list(
    noteBody.shape({
      author: string().required().max(200),
      writtenAt: string().required().max(40),
    }),
    mostWrittenNotes,
  ).required(),
});
export type WrittenChart = InferType<typeof writtenChartBody>;

/** Where a chart is copied to, and what it draws from there in place of its own sources. */
export const copyBody = object({
  dashboardId: figure().integer().positive().required(),
  sources: list(
    object({
      from: figure().integer().positive().required(),
      to: figure().integer().positive().required(),
    }),
    24,
  ).required(),
});
export type CopyBody = InferType<typeof copyBody>;
