import { settings } from '../../settings';
import type { Letter } from '../letter';
import { sayMinutes } from './sayMinutes';

export const signUp: Letter = {
  opens: { kind: 'sign-up', page: 'complete', minutes: settings.mailedLinkMinutes },
  subject: 'Complete your account',
  paragraphs: (link) => [
    'Somebody, probably you, wants an account with Stand Mark by this address.',
    `It is made when you say so here, within ${sayMinutes(settings.mailedLinkMinutes)}:`,
    link,
    'If it was not you, there is nothing to do: no account is made.',
  ],
};
