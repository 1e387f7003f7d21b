import type { Letter } from '../letter';
import { changed } from './changed';
import { invitation } from './invitation';
import { known } from './known';
import { left } from './left';
import { newAddress } from './newAddress';
import { oldAddress } from './oldAddress';
import { reset } from './reset';
import { signUp } from './signUp';

/** Every kind of mail. */
export const letters = {
  changed,
  invitation,
  known,
  left,
  newAddress,
  oldAddress,
  reset,
  signUp,
} satisfies Record<string, Letter>;
