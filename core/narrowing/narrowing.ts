import type { Day } from '../calendar';
import type { Kind } from '../registry';
import type { SeriesFrame } from '../figures';
import type { ChartDefinition } from '../chart';

/** What a chart that is to be narrowed is known by. */
export interface NarrowedChart {
  id: number;
  chart: ChartDefinition;
  today: Day;
  /** the names of the columns of each source it draws figures from */
  columns: readonly (readonly string[])[];
}

/** The chart in which something was picked. */
export interface PickerChart {
  chart: ChartDefinition;
  /** what it draws of a series, at each grain that readers may choose */
  draws: (series: string) => readonly Pick<SeriesFrame, 'keys' | 'others'>[];
}

/**
 * One kind of what a reader picks in a chart, by which the other charts of its dashboard are narrowed:
 * what it is, and what a chart becomes by it.
 */
export interface NarrowingKind<
  Narrowing extends { kind: string; chart: number },
> extends Kind<Narrowing> {
  /** what it keeps, in a few words */
  say: (narrowing: Narrowing) => string;
  /**
   * The chart as it is narrowed; null where it cannot follow, and then stays as it is.
   * @param picker the chart in which it was picked
   */
  narrow: (
    narrowing: Narrowing,
    narrowed: NarrowedChart,
    picker: PickerChart,
  ) => ChartDefinition | null;
  /** what was picked as it stands in an address, without its kind and its chart */
  written: (narrowing: Narrowing) => string;
  /** what an address says was picked; null where it cannot be understood */
  read: (text: string) => Omit<Narrowing, 'kind' | 'chart'> | null;
  /** it asks what the picker draws */
  asksDrawn?: boolean;
}
