import { object, type InferType } from 'yup';
import { figure } from '../core/values';

/** What somebody was told that a delivery would change, and of which version of the source. */
export const announcedShape = object({
  builtOn: figure().integer().positive().required(),
  added: figure().integer().min(0).required(),
  removed: figure().integer().min(0).required(),
  changed: figure().integer().min(0).required(),
});

export type Announced = InferType<typeof announcedShape>;

/**
 * What was announced, as bringing the file in takes it.
 * @param changes what bringing a file in does to the rows, as it was counted
 */
export const announcedBy = ({ builtOn, added, removed, changed }: Changes): Announced => ({
  builtOn,
  added: added.count,
  removed: removed.count,
  changed: changed.count,
});

/** A row as it is shown: its cells by the columns of the source as it would become. */
export type ShownRow = (string | null)[];

/** What a delivery would change. */
export interface Changes {
  /** the version of the source that it was found of */
  builtOn: number;
  /** the columns that tell the rows apart; none: whole rows are compared */
  keys: string[];
  columns: string[];
  rows: number;
  added: { count: number; examples: ShownRow[] };
  removed: { count: number; examples: ShownRow[] };
  changed: { count: number; examples: { before: ShownRow; after: ShownRow }[] };
  /** rows that are appended though the source has them already: they would stand twice */
  standing: number;
  newColumns: string[];
  goneColumns: string[];
  retyped: { column: string; from: string; to: string }[];
  /** charts that draw from a column that is gone or retyped */
  charts: { title: string; column: string }[];
  /** lines that would come to mean something else */
  meanings: ChangedMeaning[];
}

/** What a delivery changes of what stood before: words that come to columns, and sums of earlier days. */
export interface EarlierChange {
  words: { column: string; fresh: string[]; before: string[] }[];
  sums: EarlierSum[];
}

/** A line of a chart that would come to mean something else. */
export interface ChangedMeaning {
  chartId: number;
  dashboardId: number;
  title: string;
  series: string;
  /** of the series */
  name: string;
  column: string;
  /** words that the line would come to add up, as many as are named, and how many they are */
  words: string[];
  count: number;
  /** the words that it adds up now; empty where they are too many to name */
  before: string[];
  /** what its figures of earlier days would become; null where words come */
  sum: EarlierSum | null;
}
/**
 * What becomes of the rows that a source has. Rows that were corrected by hand replace them as well, but
 * the next delivery is read as the one before was.
 */
export const deliveryModes = ['replace', 'append', 'update', 'correct'] as const;

export type DeliveryMode = (typeof deliveryModes)[number];
/** A column's sum over the days up to one, before a delivery and after it. */
export interface EarlierSum {
  date: string;
  column: string;
  /** written 2026-11-23 */
  upTo: string;
  before: number;
  after: number;
}
