import { asTheyAre, type Gap } from './gap';

/** A lighter stroke leads over the gap; nothing is counted in it. */
export const bridged: Gap<'bridged'> = {
  kind: 'bridged',
  words: 'bridged',
  bridges: true,
  counted: asTheyAre,
  drawn: asTheyAre,
};
