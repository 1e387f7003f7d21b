import type { Day, Grain } from '../calendar';
import type {
  AxesDefinition,
  Colour,
  ColourRuleDefinition,
  GoodSide,
  Gradient,
  NamesDefinition,
  PointsDefinition,
  Shape,
  SheetDefinition,
  Stroke,
  TextSize,
  YardstickLook,
} from '../chart';
import type { FigureFormat, PeriodStyle, ValueAxis } from '../labels';
import type { Judgement, StrokePiece } from '../rules';
import type { AxisKind, PeriodChoice, Position } from '../arrangements';
import type { SeriesLine } from '../series';
import type { Cue, Marker } from './cues';
import type { ToDate } from './toDate';
import type { Pace } from '../pace';
import type { Spell } from '../spells';
import type { PickDefinition, Side } from '../standouts';
import type { Yardstick } from '../yardsticks';
import type { Figures } from '../values';

/** A compared series against its mark, one entry a period. */
export interface Comparison {
  markName: string;
  /** the id of the line or yardstick it is held against */
  markId: string;
  good: GoodSide;
  exact: boolean;
  /** the edges of the band it is to be within; null for any other mark */
  edges: { low: Figures; high: Figures } | null;
  /** what each figure is held against; of a band, its nearer edge */
  marks: Figures;
  differences: Figures;
  /** the summed difference so far, of finished periods */
  running: Figures;
  judgements: Judgement[];
  spells: Spell[];
  /** what the mark's figures add up to is what the line's add up to */
  markAdds: boolean;
  /** the open period, where it is judged too; null where it is not */
  toDate: ToDate | null;
}

/** The pace of a line within a year; between its last figure and the year's last period. */
export interface ReadPace extends Pace {
  year: number;
  /** the places of the last finished figure and of the last period of the year */
  from: number;
  to: number;
}

/** A run of strokes, with all that it is drawn with. */
export interface ReadPiece extends StrokePiece, Stroke {
  /** the area between it and what it is measured against is filled: the other edge, one a point */
  fillTo: number[] | null;
  fill: Colour | null;
  /** how far along a gradient it is, 0 to 1; null: it is of one colour */
  shade: number | null;
  /** beside its colour, it is drawn with more weight */
  heavier: boolean;
}

/** One line of the chart, ready to be drawn. */
export interface ReadSeries extends Omit<SeriesLine, 'definition'> {
  /** what it is called where it is spoken of: what it is derived as, and what tells it from its namesakes */
  called: string;
  stroke: Stroke;
  shape: Shape;
  points: PointsDefinition;
  /** it stands on the second value axis */
  second: boolean;
  format: FigureFormat;
  /** the area beneath it */
  filled: boolean;
  /** what its colour changes over; null: nothing */
  gradient: Gradient | null;
  comparison: Comparison | null;
  /** null where nothing is to be reached, or not all of its year is shown */
  pace: ReadPace | null;
  /** its pace is drawn on from its last figure */
  paceDrawn: boolean;
  /** by place: the id of the colour rule that caught the figure */
  caughtBy: (string | null)[];
  /** by rule: how many figures meet it, caught by an earlier one or not */
  met: ReadonlyMap<string, number>;
  pieces: ReadPiece[];
  /** by place: the colour that a rule gives its point alone; null for the line's */
  pointColours: (Colour | null)[];
  /** by place: the form that such a rule gives its point beside the colour */
  pointMarkers: (Marker | null)[];
  /** the place of the last position that has a figure */
  last: number | null;
}

/** A colour rule and what it caught. */
export interface ReadRule extends ColourRuleDefinition {
  name: string;
  /** how many figures it caught; which ones, figuresCaught says */
  caught: number;
  /** how many figures it looked at */
  judged: number;
  /** what tells it from others beside its colour */
  cue: Cue;
  /** empty, or what is to be known of it as it stands */
  warning: string;
}

/** What picked a point out. */
export interface PickedBy {
  /** the id of the standout */
  id: string;
  kind: PickDefinition['kind'];
  /** highest, last */
  called: string;
}

/** One point picked out, by whatever picked it. */
export interface ReadStandout {
  /** in the order of the chart */
  by: readonly PickedBy[];
  /** its label is drawn whatever else has to give way */
  extreme: boolean;
  series: string;
  period: number;
  figure: number;
  /** it stands on the second value axis */
  second: boolean;
  label: string;
  /** the figure is written at the point, and not only marked */
  valued: boolean;
  /** what is written after the figure, where there is room: what picked it where several did, the rest */
  more: string;
  /** where its label stands; it is kept at every size */
  side: Side;
  /** null: ink */
  colour: Colour | null;
}

/** A yardstick with how it is drawn and what is written at it. */
export interface ReadYardstick extends Yardstick {
  look: YardstickLook;
  /** empty for nothing */
  label: string;
  /** what is written at edges, by their values; none unless it is asked for */
  edgeLabels: readonly { value: number; text: string }[];
}

/** Lines that are drawn together on one value axis, with what they are held against. */
export interface ReadPanel {
  /** the word it stands for; empty for the only one */
  key: string;
  title: string;
  axis: ValueAxis;
  /** null: no series stands on a second one */
  second: ValueAxis | null;
  series: ReadSeries[];
  yardsticks: ReadYardstick[];
  standouts: ReadStandout[];
}

/** The figure that a headline shows. */
export interface ReadHeadline {
  figure: string;
  period: string;
  /** how far it is from its mark; empty without one */
  difference: string;
  judgement: Judgement;
}

/** How the picture is to look, where that is not the line's own. */
export interface ReadLook {
  textSize: TextSize;
  periods: PeriodStyle;
  shown: AxesDefinition['shown'];
  /** what is written along the value axes; empty for nothing */
  titles: { first: string; second: string; along: string };
  /** each date beneath is written whole */
  wholeDates: boolean;
  names: NamesDefinition;
  sheet: SheetDefinition;
}

/** The finished result of all computation for one chart, before any drawing. */
export interface Reading {
  title: string;
  grain: Grain;
  /** what one position is called: month, recorded date, place */
  unit: string;
  today: Day;
  /** what the positions stand for */
  axis: AxisKind;
  positions: Position[];
  panels: ReadPanel[];
  /** a period that readers may choose; null without one */
  choice: PeriodChoice | null;
  /** how panels lie beside each other */
  shape: 'row' | 'grid' | 'stack';
  rules: ReadRule[];
  /** the line that is highlighted when the chart is opened */
  emphasis: readonly string[];
  /** how the figures of the first value axis are written */
  format: FigureFormat;
  /** and those of the second */
  secondFormat: FigureFormat;
  look: ReadLook;
  /** null unless the chart is arranged as a headline figure */
  headline: ReadHeadline | null;
  /** what is drawn, in a line */
  described: string;
  /** where things stand, in a sentence; empty when nothing is compared */
  standing: string;
  /** what lies behind and ahead of the compared lines: spells off the mark, and the pace */
  outlook: string[];
  /** what the reader should know about how the figures came about */
  remarks: string[];
  /** standouts that pick no point that is shown, or every one: a sentence each */
  unmet: string[];
  /** the chart in words, for those who cannot see it */
  summary: string;
}
