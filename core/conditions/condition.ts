import type { Line, Position } from '../arrangements';
import type { Grain } from '../calendar';
import type { Kind } from '../registry';
import type { Said } from '../sentences';
import type { Figures } from '../values';
import type { Yardstick, YardstickContext } from '../yardsticks';

/** What conditions of a line can look at. */
export interface ConditionContext extends YardstickContext {
  line: Pick<Line, 'id' | 'key' | 'split' | 'seriesId' | 'figures' | 'open' | 'days'>;
  /** the figures of the line come from no division */
  exact: boolean;
  yardsticks: readonly Yardstick[];
  /** how each figure stands against the line's mark */
  judgements: readonly ('on' | 'off' | null)[];
  /** what each figure is held against, and the difference from it; empty without a mark */
  marks: Figures;
  differences: Figures;
  grain: Grain;
  positions: readonly Position[];
}

/** A stroke between two figures, at one place along it. */
export interface StrokePlace {
  from: number;
  to: number;
  /** days */
  x: number;
  judgement: 'on' | 'off' | null;
}

/** What a condition tells of a line. */
export interface Test {
  /** by place: figure less what it is held against; strokes are cut where one crosses zero */
  thresholds: readonly Figures[];
  /** what holds may change at the edges of periods */
  edges: boolean;
  /** whether it holds at a figure; null where that cannot be told */
  at: (place: number) => boolean | null;
  /**
   * Whether it holds somewhere along a stroke.
   * @param sides the signed distance from each threshold there
   */
  onStroke: (stroke: StrokePlace, sides: readonly number[]) => boolean | null;
}

/** The names of what a chart holds, for sentences. */
export interface Names {
  series: (id: string) => string;
  yardstick: (id: string) => string;
  dial: (id: string) => string;
  /** what the series is held against; empty without a mark */
  mark: string;
  good: 'atLeast' | 'atMost' | 'within';
}

/** One kind of condition: what it is, how it says itself, and what it tells of a line. */
export interface ConditionKind<Definition extends { kind: string }> extends Kind<Definition> {
  /** after the name of a series, as in "is under 40" */
  sentence: Said<Definition>;
  /** it holds a figure against the mark of its series */
  byMark?: true;
  /** as the end of a sentence: "under Budget", "at least 40" */
  say: (definition: Definition, names: Names) => string;
  test: (definition: Definition, context: ConditionContext) => Test;
}

/** A test of what is told for each figure by itself, once; a stroke goes with the figure it leads to. */
export const byFigure = (tell: Test['at']): Test => {
  const told: (boolean | null)[] = [];
  const at = (place: number) => {
    const known = told[place];
    return known === undefined ? (told[place] = tell(place)) : known;
  };
  return { thresholds: [], edges: false, at, onStroke: ({ to }) => at(to) };
};

export const never: Test = byFigure(() => null);
