import { array, boolean, type InferType, mixed, number, object, string } from 'yup';
import {
  type BoardStyle,
  boardStyleSchema,
  type ChartDefinition,
  chartSchema,
  colours,
  colourSchema,
  type DrawnChart,
  type SeriesDefinition,
} from '../core/chart';
import { narrowingSchema } from '../core/narrowing';
import { type SeriesFrame } from '../core/figures';
import { figure, list, type Problem } from '../core/values';
import type { RecordedDates } from '../core/yardsticks';
import { zone } from './zones';

export const dashboardRoles = ['owner', 'editor', 'reader'] as const;
export type DashboardRole = (typeof dashboardRoles)[number];

/** Where a chart lies on the grid, in columns and rows. */
export const placeShape = object({
  x: figure().integer().min(0).max(11).required(),
  y: figure().integer().min(0).max(1000).required(),
  w: figure().integer().min(3).max(12).required(),
  h: figure().integer().min(4).max(40).required(),
});
export type GridPlace = InferType<typeof placeShape>;

const title = string().trim().required('Write a title.').max(160);
const revision = figure().integer().min(1).required();

export const newDashboardBody = object({ title, zone: zone.required() });

export const dashboardBody = object({ title, revision });

export const styleBody = object({ style: boardStyleSchema.required(), revision });

export const placesBody = object({
  revision,
  places: list(
    object({ chartId: figure().required(), place: placeShape.nullable().defined() }),
    100,
  ).required(),
});

/** Those that are offered for pennants; any other can be written. */
export const noteColours = colours.filter((colour) => colour !== 'ink' && colour !== 'grey');

/** A date written 2026-11-23. */
const writtenDay = string().matches(/^\d{4}-\d\d-\d\d$/, 'Write the date as 2026-11-23.');

export const noteBody = object({
  /** null: it speaks of the whole chart */
  day: writtenDay.nullable().defined(),
  /** the last day of what it speaks of; null: of one day alone */
  until: writtenDay.nullable().defined().default(null),
  series: string().max(600).nullable().defined().default(null),
  text: string().trim().required('Write the note.').max(2000),
  colour: colourSchema().required(),
});

export const noteChangeBody = noteBody.shape({ revision });

export const noteShape = noteBody.shape({
  id: number().required(),
  chartId: number().required(),
  /** given once, in the order written */
  number: number().required(),
  author: string().required(),
  authorId: number().required(),
  writtenAt: string().required(),
  revision: number().required(),
});
export type Note = InferType<typeof noteShape>;

export const chartShape = object({
  id: number().required(),
  dashboardId: number().required(),
  definition: mixed<ChartDefinition>().required(),
  place: placeShape.nullable().defined().default(null),
  revision: number().required(),
});
export type Chart = InferType<typeof chartShape>;

/** A chart as it lies on a dashboard: without where its figures come from. */
export const placedChartShape = chartShape.shape({ definition: mixed<DrawnChart>().required() });
export type PlacedChart = InferType<typeof placedChartShape>;

export const newChartBody = object({ definition: chartSchema.required() });
export const chartBody = object({ revision, definition: chartSchema.required() });

export const dashboardSummaryShape = object({
  id: number().required(),
  title: string().required(),
  role: mixed<DashboardRole>().oneOf(dashboardRoles).required(),
  owner: string().required(),
  charts: number().required(),
  changedAt: string().required(),
});
export type DashboardSummary = InferType<typeof dashboardSummaryShape>;

/** What a dashboard stands at; a part differs from before when something of it has changed. */
export const boardStampShape = object({
  /** the dashboard itself and its charts */
  board: string().required(),
  notes: string().required(),
});
export type BoardStamp = InferType<typeof boardStampShape>;

export const dashboardShape = object({
  id: number().required(),
  title: string().required(),
  /** readers by link have no other role than this */
  role: mixed<DashboardRole>().oneOf(dashboardRoles).required(),
  revision: number().required(),
  /** today in the dashboard's zone, written 2026-11-23 */
  today: string().required(),
  style: mixed<BoardStyle>().required(),
  /** whoever looks may write notes, and change their own */
  mayNote: boolean().required(),
  stamp: boardStampShape.required(),
  charts: array(placedChartShape.required()).required(),
  notes: array(noteShape.required()).required(),
});
export type Dashboard = InferType<typeof dashboardShape>;

const addressShape = string()
  .trim()
  .lowercase()
  .email('Write an e-mail address.')
  .required('Write an e-mail address.');

export const accessBody = object({
  email: addressShape,
  role: mixed<'editor' | 'reader'>().oneOf(['editor', 'reader']).required(),
});

/** Whose access is taken back. */
export const takenBackBody = object({ email: addressShape });

/** Whether readers with an account may write notes. */
export const readersNoteBody = object({ readersNote: boolean().required() });

export const sharingShape = object({
  readersNote: boolean().required(),
  people: array(
    object({
      id: number().required(),
      name: string().required(),
      email: string().required(),
      role: mixed<DashboardRole>().oneOf(dashboardRoles).required(),
    }),
  ).required(),
  /** those who have not opened it yet, be there an account of their address or not */
  waiting: array(
    object({
      id: number().required(),
      email: string().required(),
      role: mixed<DashboardRole>().oneOf(dashboardRoles).required(),
    }),
  ).required(),
  links: array(object({ id: number().required(), madeAt: string().required() })).required(),
  /** the link that was just made, whose token is told this once */
  made: object({ id: number().required(), token: string().required() })
    .default(undefined)
    .optional(),
});
export type Sharing = InferType<typeof sharingShape>;

/** The figures of one chart: a frame for each series, by its id. */
export interface ChartFrames {
  /** today in the dashboard's zone, written 2026-11-23 */
  today: string;
  frames: Record<string, SeriesFrame>;
  /** why a series has no frame */
  problems: Problem[];
  /** the dates that yardsticks take from sources; missing: none do */
  recorded?: RecordedDates;
  /** the same without what the reader filters for themselves; missing: no statistic looks at them */
  unfiltered?: Record<string, SeriesFrame>;
  /** by each narrowing that was asked for: whether the chart follows it; missing: none was */
  follows?: boolean[];
}

/** A reader picks at most one line and one stretch of dates at a time. */
export const mostNarrowings = 2;

export const narrowingsShape = list(narrowingSchema, mostNarrowings).required();

/** Charts in which something is worked out, with all their series. */
export const workedOutShape = array(
  object({
    title: string().defined(),
    series: mixed<SeriesDefinition[]>().required(),
  }),
).required();
export type WorkedOutCharts = InferType<typeof workedOutShape>;

export const createdShape = object({ id: number().required() });
export const revisedShape = object({ revision: number().required() });

/** Which figure of a chart is asked about. */
export const rowsBehindBody = object({
  series: string().required().max(40),
  /** the word of the split; null without one */
  word: string().nullable().defined().max(500),
  /** the first day of its period, counted from 1970; along a column of figures, the figure there */
  start: figure().required(),
  /** the word at which it stands along a column of words; null along anything else */
  place: string().nullable().defined().max(500).default(null),
});

/** The rows behind a figure, by the series that they belong to. */
export interface RowsBehind {
  parts: {
    name: string;
    /** the column that is taken; null counts rows */
    column: string | null;
    columns: { name: string; kind: string }[];
    /** at most a thousand of them */
    rows: (string | null)[][];
    total: number;
  }[];
}
