import type { ReadPiece, ReadSeries } from '../../core/reading';
import { shadeAlong, shadeOf } from '../look';

/** How much of a stroke is seen where it is not finished, and where it leads over a gap. */
export const lighter = { open: 0.45, bridged: 0.55 };

/** The colour of a stroke: its own, or that of its place along the gradient. */
export const colourOf = (
  { colour, shade }: Pick<ReadPiece, 'colour' | 'shade'>,
  { gradient, stroke }: Pick<ReadSeries, 'gradient' | 'stroke'>,
): string =>
  shade === null ? shadeOf(colour) : shadeAlong(shade, gradient === 'value' ? stroke.colour : null);
