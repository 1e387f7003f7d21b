import type { Said } from '../sentences';
import type { Kind } from '../registry';
import type { Day, Grain } from '../calendar';
import type { Figures } from '../values';

/** A period of the calendar, or what stands for one on another axis. */
export interface Position {
  /** where it begins on the axis, in days; the first day of a period of the calendar */
  start: number;
  /** where the next one begins */
  next: number;
  /** where its figures stand */
  middle: number;
  /** some figure here is not finished */
  open: boolean;
  label: string;
}

/** A line of figures, an entry for each period of the calendar, or each position. */
export interface Line {
  /** its series, followed by the word of the split and what else tells it from its neighbours */
  id: string;
  seriesId: string;
  /** the word of the split; empty without one */
  key: string;
  split: boolean;
  name: string;
  /** a budget, a target or a forecast: known ahead of time */
  plan: boolean;
  figures: Figures;
  /** what is drawn where it differs from the figures: a carried one */
  drawn: Figures;
  open: readonly boolean[];
  /** positions that it does not have, as a 29 February: they are no gap */
  absent: readonly boolean[];
  /** the figure from which a line takes over that is drawn on to this one's first figure */
  joins: { place: number; figure: number } | null;
  /** the place after which another line takes over: no stroke leads beyond it */
  handsOver: number | null;
  /** which of several lines of a series it is, by time: 0 is the latest; null for the only one */
  age: number | null;
  /** by place: the days at which its figures stand, where the positions are those of any year */
  days?: readonly (number | null)[];
}

/** The lines of a chart on the calendar, before they are arranged. */
export interface CalendarLines<L extends Line> {
  periods: readonly Position[];
  grain: Grain;
  /** the month that begins a year, 1 to 12 */
  yearStart: number;
  lines: readonly L[];
  today: Day;
  /** the first day of the period that a reader has chosen; null: as the author has set it */
  chosen?: Day | null;
}

/** A period that readers may choose for themselves. */
export interface PeriodChoice {
  label: string;
  /** the first day of the one that is shown; null when it is not among them */
  chosen: Day | null;
  periods: readonly Pick<Position, 'start' | 'label'>[];
}

/** Lines that are drawn together, on one value axis. */
export interface ArrangedPanel<L extends Line> {
  /** the word it stands for; empty for the only one */
  key: string;
  title: string;
  lines: L[];
}

/**
 * What the positions stand for: periods of the calendar, parts of any year, two ends, or the figures or
 * words of a column.
 */
export type AxisKind = 'calendar' | 'year' | 'ends' | 'numbers' | 'words';

/** Lines laid on positions and gathered into panels. */
export interface Arranged<L extends Line> {
  /** null: as the lines were laid */
  axis: AxisKind | null;
  positions: Position[];
  panels: ArrangedPanel<L>[];
  /** what a reader should know of it, as "Q2 2026 to Q3 2026"; empty when it needs no words */
  described: string;
  choice?: PeriodChoice;
}

/** One kind of arrangement: what it is, how it says itself, and how it lays lines. */
export interface ArrangementKind<Definition extends { kind: string }> extends Kind<Definition> {
  /** as an option of a chart */
  sentence: Said<Definition>;
  /** whether lines are told apart by colour each for itself, or alike in all panels by series */
  coloursBy: 'line' | 'series' | 'age';
  /** how panels lie beside each other, and whether they share one value axis */
  panels?: (definition: Definition) => { shape: 'row' | 'grid' | 'stack'; ownAxes: boolean };
  /** its later period can be chosen by readers, where there is more than one */
  choosesPeriod?: true;
  /** it needs dates: along a column, lines are drawn in one picture */
  ofDates?: true;
  /** the last figure is written large beside the line, without scales */
  headline?: true;
  arrange: <L extends Line>(lines: CalendarLines<L>, definition: Definition) => Arranged<L>;
}
