import type { Stroke } from '../../core/chart';

/** Lengths of dashes and gaps: the library takes them, though its types know only its own names. */
export const dashes: Record<Stroke['dash'], string> = {
  solid: 'solid',
  dash: '5px,3px',
  dot: '2px,2.5px',
  longdash: '10px,4px',
};
