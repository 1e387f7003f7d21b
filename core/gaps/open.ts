import { asTheyAre, type Gap } from './gap';

/** The stroke breaks off. */
export const open: Gap = {
  kind: 'open',
  words: 'left open',
  bridges: false,
  counted: asTheyAre,
  drawn: asTheyAre,
};
