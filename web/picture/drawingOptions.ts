import type { Note } from '../../contract';
import type { AxisDrawing } from './axes';
import type { Measure, ScaleSize } from './geometry';
import type { Highlight } from './highlight';
import type { TextSizes } from './textSizes';

/** How a picture is to be made. */
export interface DrawingOptions {
  width: number;
  height: number;
  /** the lines that are emphasised, the others greyed */
  highlight: Highlight;
  /** the place of the period that is emphasised, all others greyed; missing or null: none is */
  litPeriod?: number | null;
  notes: readonly Note[];
  /** the least room at the left, where the figures beneath have their names */
  roomAtLeft?: number;
  measure: Measure;
}

/** What a picture is drawn with, whatever its panels hold. */
export interface DrawnWith {
  axis: AxisDrawing;
  sizes: TextSizes;
  size: ScaleSize;
  compact: boolean;
}

export type Emphasised = Pick<DrawingOptions, 'highlight' | 'litPeriod'>;

/** While something is highlighted, what is picked out of others would only distract. */
export const isAnyLit = ({ highlight, litPeriod = null }: Emphasised): boolean =>
  highlight.length > 0 || litPeriod !== null;

/** The size of the letters at points, in pixels. */
export const pointLabelSize = ({ sizes, compact }: Pick<DrawnWith, 'sizes' | 'compact'>) =>
  sizes.name - (compact ? 1 : 0);
