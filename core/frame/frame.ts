import type { Day, Grain } from '../calendar';
import type { Aggregate } from './aggregates';
import type { AxisColumn, Place } from './axisPlaces';
import type { Filter } from './filters';
import type { TopRequest } from './ranking';
import type { Readings } from './readings';
import type { Within } from './layWithin';

/** What a chart asks of one source. */
export interface FrameRequest {
  sourceId: number;
  /** the date column's name */
  date: string;
  grain: Grain;
  /** what stands along the axis in place of dates; null: dates do */
  axisColumn?: AxisColumn | null;
  aggregate: Aggregate;
  /** the column that is aggregated; null counts rows */
  column: string | null;
  /** the category column whose words become series; null for one series */
  splitBy: string | null;
  /** the category column whose words give the lines of the split their colours; null: its own */
  colourBy?: string | null;
  /** which percentile, 0 to 100; only for that aggregate */
  percent?: number;
  /** only rows that meet all of them are counted */
  filters?: readonly Filter[];
  /** only the first words of the split by rank, and the rest as one */
  top?: TopRequest | null;
  /** what adds up and was recorded by longer periods is told apart evenly over days */
  evenly?: boolean;
  /** single rows are wanted beside what they come to */
  readings?: boolean;
}

/** A source aggregated to the drawn period: the figures a chart is made from. Plain data. */
export interface Frame {
  /** first days of the periods that have rows, ascending */
  periods: Day[];
  /** the words of the split, sorted; one empty word without a split */
  keys: string[];
  /** what each period is, where none are drawn: the periods are numbered from 0; null along dates */
  axisPlaces: readonly Place[] | null;
  /** figures by key, then by period; null where missing */
  values: (number | null)[][];
  /** false when the figures come from a division */
  exact: boolean;
  /** the last day up to which nothing more is to come; null when it has no figure */
  completeTo: Day | null;
  /** the coarsest grain whose periods all the dates begin: what the rows were recorded by */
  recordedGrain: Grain;
  /**
   * How the figures of longer periods stand within the drawn ones; null when the rows are recorded
   * by the drawn period or a shorter one. What adds up and is not to be divided is refused: the frame
   * is empty.
   */
  within: Within | 'refused' | null;
  /** the word that stands for all that are not among the first; null without a ranking */
  others: string | null;
  /** the word of the colouring column that each key goes with; null without one */
  groups: string[] | null;
  /** the single rows, where they were asked for */
  readings: Readings | null;
}

/** Names a request, so that equal requests share one frame. */
export function frameKey(request: FrameRequest): string {
  const { sourceId, date, grain, aggregate, column, splitBy } = request;
  const { percent = null, filters = [], top = null, evenly = false } = request;
  const { colourBy = null, axisColumn = null, readings = false } = request;
  return JSON.stringify([
    sourceId,
    date,
    grain,
    aggregate,
    column,
    splitBy,
    percent,
    filters,
    top,
    evenly,
    colourBy,
    axisColumn,
    readings,
  ]);
}
