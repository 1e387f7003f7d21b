import { asTheyAre, type Gap } from './gap';

/** The stroke breaks off. */
export const open: Gap<'open'> = {
  kind: 'open',
  words: 'left open',
  bridges: false,
  counted: asTheyAre,
  drawn: asTheyAre,
};
