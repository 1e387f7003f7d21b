import type { Reading } from '../../core/reading';

/** The sizes of a picture's lettering, in pixels. */
export interface TextSizes {
  /** values and dates on the axes */
  scale: number;
  /** names at the ends of lines, and figures at points */
  name: number;
}

const more = { small: -1, usual: 0, large: 2 };

/** How large a picture is lettered: as its dashboard says, and less where it is small. */
export function textSizes({ textSize }: Reading['look'], compact: boolean): TextSizes {
  const own = more[textSize];
  return { scale: (compact ? 11 : 12) + own, name: 12.5 + own };
}
