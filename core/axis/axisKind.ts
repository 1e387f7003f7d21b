import type { Grain } from '../calendar';
import type { AxisColumn } from '../frame';
import type { Said } from '../sentences';
import type { Kind } from '../registry';
import type { WordOrder } from './wordOrder';

/** One kind of what stands along a chart's axis: what it is, and how it says itself. */
export interface AxisKind<Definition extends { kind: string }> extends Kind<Definition> {
  /** the periods of the chart's grain stand along it; left out: single days, or places of a column */
  ofPeriods?: true;
  /** the column whose figures or words stand along it; left out: dates do */
  column?: (definition: Definition) => AxisColumn;
  /** words in the order that somebody gave them; left out: they have their own, or the file's */
  order?: (definition: Definition) => { words: readonly string[]; by: WordOrder | null };
  /** the same for those who only read: what stands along the axis comes with the figures */
  forReaders?: (definition: Definition) => Definition;
  sentence: Said<Definition>;
  /** what one position is called */
  unit: (grain: Grain) => string;
  /** after what is drawn, as in "Fares by month" */
  say: (definition: Definition, unit: string) => string;
  /** after "by", in the sentence of the chart */
  phrase: (definition: Definition, grain: Grain) => string;
}

/** After what is drawn: those who only read are not told the column. */
export const sayColumn = ({ column }: { column: string }, unit: string) => `by ${column || unit}`;
