import type { Figures } from '../values';
import { asTheyAre, fillInner, type Gap } from './gap';

/** The last figure goes on until the next; it is drawn, and counts nowhere. */
export const carried: Gap<'carried'> = {
  kind: 'carried',
  words: 'carried on',
  bridges: false,
  counted: asTheyAre,
  drawn: (figures: Figures) => {
    let last: number | null = null;
    const before = figures.map((figure) => (last = figure ?? last));
    return fillInner(figures, (place) => before[place] ?? null);
  },
};
