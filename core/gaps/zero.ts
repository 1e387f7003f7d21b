import type { Figures } from '../values';
import { asTheyAre, fillInner, type Gap } from './gap';

/** Counts as zero, everywhere. */
export const zero: Gap<'zero'> = {
  kind: 'zero',
  words: 'counted as zero',
  bridges: false,
  counted: (figures: Figures) => fillInner(figures, () => 0),
  drawn: asTheyAre,
};
