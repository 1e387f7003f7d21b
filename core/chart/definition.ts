import type { ArrangementDefinition } from '../arrangements';
import type { Grain } from '../calendar';
import type { ConditionDefinition } from '../conditions';
import type { DerivedDefinition } from '../derived';
import type { DialDefinition } from '../dials';
import type { Ranking } from '../frame';
import type { GapTreatment } from '../gaps';
import type { EmphasisDefinition } from '../emphasis';
import type { FiguresDefinition } from '../origins';
import type { Side, PickDefinition, PickScope, Ties } from '../standouts';
import type { Scope, YardstickDefinition } from '../yardsticks';
import type { YardstickLook } from './yardstickLook';
import type { AxisDefinition } from '../axis';
import type { AxesDefinition } from './axes';
import type { ReplayDefinition } from './replay';
import type { ChartFilter } from './chartFilters';
import type { Role } from './roles';
import type { SheetDefinition } from './sheet';
import type { SpanDefinition } from './spans';
import type { Colour, Dash, StrokeDefinition } from './strokes';
import type { LinkingDefinition } from './linking';

/** The good side of a mark: revenue at least, spending at most, a temperature within a band. */
export const goodSides = ['atLeast', 'atMost', 'within'] as const;
export type GoodSide = (typeof goodSides)[number];

/** Draws one line for each word of a category column. */
export interface SplitDefinition {
  column: string;
  /** the words in the order in which they are listed; later words follow */
  order: string[];
  /** the words in the order in which they took their colours, which they keep; empty: as listed */
  coloured: string[];
  /** a column whose words give the colours: lines of one word share one; null: each has its own */
  colourBy: string | null;
  /** all of them wear the series' own colour, or grey, rather than one each */
  alike?: true;
  /** those that stand apart, in ink */
  inInk?: string[];
  /** only the first so many, and the rest as one; null draws all */
  top: { count: number; by: Ranking } | null;
}

/** What a compared series is held against. */
export interface MarkDefinition {
  /** the id of another series, or of a line or band among the yardsticks */
  against: string;
  good: GoodSide;
  /** the pace needed to reach it is drawn on from the last figure */
  pace?: boolean;
  /** the open period is judged too, against the mark's share to date */
  toDate?: boolean;
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
  evenly: boolean;
  gap: GapTreatment;
  /** the id of the series that takes over after the last finished period */
  handover: string | null;
  mark: MarkDefinition | null;
  stroke: StrokeDefinition;
  /** single rows of the source stand as faint points behind the line */
  readings: boolean;
  /** the value axis it stands on */
  valueAxis: 'first' | 'second';
  /**
   * a fixed selection: filters of the chart by category, and what is picked elsewhere, do not reach it;
   * it enters no standout
   */
  fixed?: boolean;
  /** it is not drawn, but formulas and marks can use it */
  hidden: boolean;
}

/** What a rule gives its stroke to: the line, the points alone, or the fill down to the mark. */
export const ruleEffects = ['line', 'points', 'fill'] as const;

/** Gives the strokes or points of a series that meet a condition another look. */
export interface ColourRuleDefinition {
  id: string;
  series: string;
  /** empty: it is named after its condition */
  name: string;
  condition: ConditionDefinition;
  /** of several lines of the series, the one that is called so: its word, or its year; missing: all */
  only?: string;
  effect: (typeof ruleEffects)[number];
  /** null: the line's own */
  colour: Colour | null;
  /** null: the line's own */
  dash: Dash | null;
  width: number | null;
}

/** What is written at a point. */
export const labelParts = ['value', 'date', 'name', 'difference'] as const;

/** Picks out points of a series. */
export interface StandoutDefinition {
  id: string;
  series: string;
  pick: PickDefinition;
  ties: Ties;
  per: PickScope;
  label: (typeof labelParts)[number][];
  /** where its label stands by its point; missing: as its kind has it */
  side?: Side;
  /** among which figures it is looked for; missing: those that its panel shows */
  scope?: Scope;
  /** of its marker and its label; null: ink */
  colour: Colour | null;
}

/** Where lines are named: at their ends, or in a legend, which may hold the yardsticks too. */
export interface NamesDefinition {
  as: 'ends' | 'legend';
  yardsticks: boolean;
  /** those in a legend are written in the colours of their lines, bold; missing: in ink */
  lettered?: true;
}

/** A series as far as drawing it needs to know it. */
export interface DrawnSeries extends Omit<SeriesDefinition, 'figures' | 'split' | 'derived'> {
  /** what its figures are derived as, in words; left out where they are as recorded */
  derivedAs?: string;
  /** how a split line is told from its neighbours; null without a split */
  split: Pick<SplitDefinition, 'alike'> | null;
}

/** A chart as those who only read it know it: without where its figures come from. */
export interface DrawnChart extends Omit<ChartDefinition, 'series' | 'filters' | 'comments'> {
  series: DrawnSeries[];
  /** what the filters of the chart keep, in words */
  filtered?: string;
  /** the ids of the dials that turn its filters */
  dialled?: string[];
  /** the dials whose positions the server has to know, since figures depend on them */
  dialsAsked?: string[];
}

/** A yardstick with its look; missing: the plain one. */
export type StyledYardstick = YardstickDefinition & { look?: YardstickLook };

/** Everything that makes a chart, and the form in which it is kept and exported. */
export interface ChartDefinition {
  version: 5;
  title: string;
  grain: Grain;
  /** other grains that readers may see it by; missing: none */
  readerGrains?: Grain[];
  /** what stands along the axis */
  axis: AxisDefinition;
  span: SpanDefinition;
  /** the month that begins a year, 1 to 12 */
  yearStart: number;
  arrangement: ArrangementDefinition;
  axes: AxesDefinition;
  names: NamesDefinition;
  /** what every series counts, where its source has the column */
  filters: ChartFilter[];
  series: SeriesDefinition[];
  yardsticks: StyledYardstick[];
  /** named values that yardsticks, rules and formulas use, and readers can turn */
  dials: DialDefinition[];
  /** the first rule that holds wins */
  colourRules: ColourRuleDefinition[];
  standouts: StandoutDefinition[];
  /** the line that is highlighted when the chart is opened; null: none */
  emphasis: string | null;
  /** more than one line, or lines that are found, in its place; missing: none are */
  emphasises?: EmphasisDefinition;
  /** the dial by which readers choose which yardsticks stand, by their names; missing: all stand */
  yardsticksBy?: string;
  /** missing: white, with hairlines between panels */
  sheet?: SheetDefinition;
  /** missing: readers may replay it, without words of the author's */
  replay?: ReplayDefinition;
  /** its notes stand in the list alone, and fly over no picture of it */
  notesHidden?: boolean;
  /** missing: it is linked with the others, and narrows none */
  linking?: LinkingDefinition;
  /** what its author has written beside its lines, by what they say; missing: nothing */
  comments?: Readonly<Record<string, string>>;
}
