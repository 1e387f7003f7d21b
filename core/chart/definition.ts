import type { ArrangementDefinition } from '../arrangements';
import type { Grain } from '../calendar';
import type { DerivedDefinition } from '../derived';
import type { Aggregate, Filter, Ranking } from '../frame';
import type { GapTreatment } from '../gaps';
import type { YardstickDefinition } from '../yardsticks';
import type { SpanDefinition } from './spans';
import type { StrokeDefinition } from './strokes';
import type { Colour } from './strokes';

export const roles = ['actual', 'target', 'budget', 'forecast', 'yearBefore', 'other'] as const;

/** What a series stands for; it gives the default stroke. */
export type Role = (typeof roles)[number];

/** The good side of a mark: revenue at least, spending at most, a temperature within a band. */
export const goodSides = ['atLeast', 'atMost', 'within'] as const;
export type GoodSide = (typeof goodSides)[number];

/** Figures aggregated from the rows of a source. */
export interface RowsFigures {
  kind: 'rows';
  sourceId: number;
  date: string;
  aggregate: Aggregate;
  /** null counts rows */
  column: string | null;
  /** which percentile, 0 to 100; only for that aggregate */
  percent: number;
  /** only rows that meet all of them are counted */
  filters: Filter[];
}

/** Figures worked out from the chart's other series, which it names. */
export interface FormulaFigures {
  kind: 'formula';
  text: string;
}

/** The same figure in every period. */
export interface ConstantFigures {
  kind: 'constant';
  number: number;
}

/** Where a series' figures come from. */
export type FiguresDefinition = RowsFigures | FormulaFigures | ConstantFigures;

/** Draws one line for each word of a category column. */
export interface SplitDefinition {
  column: string;
  /** the words in the order in which they are listed; later words follow */
  order: string[];
  /** the words in the order in which they took their colours, which they keep; empty: as listed */
  coloured: string[];
  /** only the first so many, and the rest as one; null draws all */
  top: { count: number; by: Ranking } | null;
}

/** What a compared series is held against. */
export interface MarkDefinition {
  /** the id of another series, or of a line or band among the yardsticks */
  against: string;
  good: GoodSide;
}

export interface SeriesDefinition {
  id: string;
  name: string;
  role: Role;
  figures: FiguresDefinition;
  /** what the figures are turned into; null draws them as they are */
  derived: DerivedDefinition | null;
  split: SplitDefinition | null;
  /** what adds up and is recorded by longer periods is told apart evenly over days */
  spread: boolean;
  gap: GapTreatment;
  /** the id of the series that takes over after the last finished period */
  handover: string | null;
  mark: MarkDefinition | null;
  stroke: StrokeDefinition;
  /** it is not drawn, but formulas and marks can use it */
  hidden: boolean;
}

/** Colours the points and strokes of a compared series that are off, or on, its mark. */
export interface ColourRuleDefinition {
  id: string;
  series: string;
  when: 'offMark' | 'onMark';
  colour: Colour;
}

export const standoutPicks = ['highest', 'lowest', 'first', 'last'] as const;
export type StandoutPick = (typeof standoutPicks)[number];

/** Picks out points of a series. */
export interface StandoutDefinition {
  id: string;
  series: string;
  pick: StandoutPick;
}

/** Where the value axis begins: where it suits the figures, at zero, or at the least figure. */
export const axisStarts = ['suited', 'zero', 'data'] as const;
export type AxisStart = (typeof axisStarts)[number];

/** A series as far as drawing it needs to know it. */
export interface DrawnSeries extends Omit<SeriesDefinition, 'figures' | 'split' | 'derived'> {
  /** how a split line is told from its neighbours; null without a split */
  split: object | null;
}

/** A chart as those who only read it know it: without where its figures come from. */
export interface DrawnChart extends Omit<ChartDefinition, 'series'> {
  series: DrawnSeries[];
}

/** Everything that makes a chart, and the form in which it is kept and exported. */
export interface ChartDefinition {
  version: 2;
  title: string;
  grain: Grain;
  span: SpanDefinition;
  /** the month that begins a year, 1 to 12 */
  yearStart: number;
  arrangement: ArrangementDefinition;
  axis: { starts: AxisStart };
  series: SeriesDefinition[];
  yardsticks: YardstickDefinition[];
  /** the first rule that holds wins */
  colourRules: ColourRuleDefinition[];
  standouts: StandoutDefinition[];
  /** the line that is highlighted when the chart is opened; null: none */
  emphasis: string | null;
}

/** What of a chart is known to those who only read it: no name of a source's column. */
export function drawnChart(chart: ChartDefinition): DrawnChart {
  return {
    ...chart,
    series: chart.series.map(({ figures: _figures, derived: _derived, split, ...series }) => ({
      ...series,
      split: split && {},
    })),
  };
}
