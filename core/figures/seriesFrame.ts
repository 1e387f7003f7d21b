import type { Day } from '../calendar';
import type { Frame } from '../frame';

/** The figures that one series of a chart draws: nothing of what lies outside the chart's span. */
export interface SeriesFrame extends Omit<Frame, 'keys'> {
  /** the words of the split, in the order of the series; one empty word without a split */
  keys: string[];
  /** figures add up over periods */
  additive: boolean;
  /** the same figure in every period that the others show; null for figures of its own */
  constant: number | null;
  /** first days of the first and last period that the series reaches within the span */
  extent: { from: Day; to: Day } | null;
  /** by word: its place among all words of the split, which gives it its colour */
  colourPlaces: number[];
  /** by word: its finished figures in periods that are not shown; missing: nothing looks at them */
  unshown?: { start: Day; figure: number }[][];
  /** by word: its figures in the year before the first period shown; missing: there are none */
  earlier?: { periods: Day[]; values: (number | null)[][] };
  /** by word: a filter of the chart leaves it in grey, and out of every computation */
  greyed: boolean[];
  /** by word: its line stands apart, in ink */
  inInk: boolean[];
}

/** Frames by the id of their series. */
export type SeriesFrames = Readonly<Record<string, SeriesFrame>>;

/** Figures over every period there is, before they are cut to the chart's span. */
export type FullSeries = Omit<SeriesFrame, 'extent' | 'colourPlaces' | 'greyed' | 'inInk'>;
