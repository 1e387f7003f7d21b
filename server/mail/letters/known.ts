import { settings } from '../../settings';
import type { Letter } from '../letter';

export const known: Letter = {
  subject: 'You have an account already',
  paragraphs: () => [
    'Somebody, probably you, wanted to make an account with Stand Mark by this address. It has one already.',
    `Sign in with its own password, or choose a new one: ${settings.address}/forgotten`,
    'If it was not you, there is nothing to do.',
  ],
};
