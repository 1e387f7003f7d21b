import type { Grain } from '../calendar';
import type { Aggregate } from '../frame';

export const roles = ['actual', 'target', 'budget', 'forecast', 'yearBefore', 'other'] as const;

/** What a series stands for; it gives the default stroke. */
export type Role = (typeof roles)[number];

/** Colours by name; the look of the application gives each its shade. */
export const colours = [
  ...['teal', 'ochre', 'plum', 'moss', 'sky', 'rosewood'],
  ...['indigo', 'brick', 'ink', 'grey'],
] as const;
export type Colour = (typeof colours)[number];

/** The good side of a mark: revenue at least, spending at most. */
export const goodSides = ['atLeast', 'atMost'] as const;
export type GoodSide = (typeof goodSides)[number];

/** Where a series' figures come from. */
export interface FiguresDefinition {
  sourceId: number;
  date: string;
  aggregate: Aggregate;
  /** null counts rows */
  column: string | null;
}

/** Draws one line for each word of a category column. */
export interface SplitDefinition {
  column: string;
  /** the words in the order they are listed and coloured; later words follow */
  order: string[];
}

/** What a compared series is held against. */
export interface MarkDefinition {
  /** the id of another series or of a line yardstick */
  against: string;
  good: GoodSide;
}

export interface SeriesDefinition {
  id: string;
  name: string;
  role: Role;
  figures: FiguresDefinition;
  split: SplitDefinition | null;
  mark: MarkDefinition | null;
  /** null: the role's own, or the next of the palette */
  colour: Colour | null;
}

/** The value of a line yardstick. */
export type YardstickValue =
  | { kind: 'number'; number: number }
  | { kind: 'statistic'; statistic: 'mean' | 'median'; series: string };

/** A level line, or the today line. */
export type YardstickDefinition =
  | { id: string; kind: 'line'; name: string; value: YardstickValue; onAxis: boolean }
  | { id: string; kind: 'today'; offsetDays: number };

/** Colours the points and strokes of a compared series that are off, or on, its mark. */
export interface ColourRuleDefinition {
  id: string;
  series: string;
  when: 'offMark' | 'onMark';
  colour: Colour;
}

/** Picks out points of a series. */
export interface StandoutDefinition {
  id: string;
  series: string;
  pick: 'highest' | 'lowest';
}

/** A series as far as drawing it needs to know it. */
export interface DrawnSeries extends Omit<SeriesDefinition, 'figures' | 'split'> {
  figures: Pick<FiguresDefinition, 'aggregate'>;
  /** null without a split */
  split: object | null;
}

/** A chart as those who only read it know it: without where its figures come from. */
export interface DrawnChart extends Omit<ChartDefinition, 'series'> {
  series: DrawnSeries[];
}

/** Everything that makes a chart, and the form in which it is kept and exported. */
export interface ChartDefinition {
  version: 1;
  title: string;
  grain: Grain;
  /** the periods shown, as dates written 2026-11-23; null: from the first, to the last figure */
  span: { from: string | null; to: string | null };
  series: SeriesDefinition[];
  yardsticks: YardstickDefinition[];
  /** the first rule that holds wins */
  colourRules: ColourRuleDefinition[];
  standouts: StandoutDefinition[];
}

/** What of a chart is known to those who only read it: no name of a source's column. */
export function drawnChart(chart: ChartDefinition): DrawnChart {
  return {
    ...chart,
    series: chart.series.map(({ figures, split, ...series }) => ({
      ...series,
      figures: { aggregate: figures.aggregate },
      split: split && {},
    })),
  };
}
