import type { Gap } from '../../../core/gaps/gap';

const filled = (figures: readonly (number | null)[]) => figures.map((figure) => figure ?? 7);

/** Periods without a figure count as seven. */
export const sevens: Gap<'sevens'> = {
  kind: 'sevens',
  words: 'as sevens',
  bridges: false,
  counted: filled,
  drawn: filled,
};
