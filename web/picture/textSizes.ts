import type { TextSize } from '../../core/chart';
import type { Reading } from '../../core/reading';

/** The sizes of a picture's lettering, in pixels. */
export interface TextSizes {
  /** values and dates on the axes */
  scale: number;
  /** names at the ends of lines, and figures at points */
  name: number;
}

/** How much larger than usual each size is, as a factor. */
export const textScale: Readonly<Record<TextSize, number>> = {
  small: 0.92,
  usual: 1,
  large: 1.17,
  largest: 1.36,
};

/** How large a picture is lettered: as its dashboard says, and less where it is small. */
export function textSizes({ textSize }: Reading['look'], compact: boolean): TextSizes {
  const scale = textScale[textSize];
  return { scale: (compact ? 11 : 12) * scale, name: 12.5 * scale };
}
