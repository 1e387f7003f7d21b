import type { Day, Grain } from '../calendar';
import type { Colour, ColourRuleDefinition, GoodSide, StandoutPick } from '../chart';
import type { FigureFormat, ValueAxis } from '../labels';
import type { Judgement, StrokePiece } from '../rules';
import type { AxisKind, Position } from '../arrangements';
import type { Stroke } from '../chart';
import type { SeriesLine } from '../series';
import type { Spell } from '../spells';
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
  /** which colour rule caught each figure */
  caughtBy: (string | null)[];
  spells: Spell[];
}

/** One line of the chart, ready to be drawn. */
export interface ReadSeries extends Omit<SeriesLine, 'definition'> {
  stroke: Stroke;
  /** a point at each figure */
  points: boolean;
  /** the area beneath it */
  filled: boolean;
  comparison: Comparison | null;
  pieces: (StrokePiece & { colour: Colour })[];
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
  /** empty, or why the rule is of no use as it stands */
  warning: string;
}

/** One point picked out. */
export interface ReadStandout {
  id: string;
  pick: StandoutPick;
  series: string;
  period: number;
  figure: number;
  label: string;
}

/** Lines that are drawn together on one value axis, with what they are held against. */
export interface ReadPanel {
  /** the word it stands for; empty for the only one */
  key: string;
  title: string;
  axis: ValueAxis;
  series: ReadSeries[];
  yardsticks: Yardstick[];
  standouts: ReadStandout[];
}

/** The finished result of all computation for one chart, before any drawing. */
export interface Reading {
  title: string;
  grain: Grain;
  today: Day;
  /** what the positions stand for */
  axis: AxisKind;
  positions: Position[];
  panels: ReadPanel[];
  /** how panels lie beside each other */
  shape: 'row' | 'grid' | 'stack';
  rules: ReadRule[];
  /** the line that is highlighted when the chart is opened */
  emphasis: string | null;
  format: FigureFormat;
  /** what is drawn, in a line */
  described: string;
  /** where things stand, in a sentence; empty when nothing is compared */
  standing: string;
  /** what the reader should know about how the figures came about */
  remarks: string[];
  /** the chart in words, for those who cannot see it */
  summary: string;
}
