import { settings } from '../../settings';
import type { Letter } from '../letter';
import { sayMinutes } from './sayMinutes';

export const reset: Letter = {
  opens: { kind: 'reset', page: 'reset', minutes: settings.mailedLinkMinutes },
  subject: 'Choose a new password',
  paragraphs: (link) => [
    'Somebody, probably you, has asked for a new password of your account with Stand Mark.',
    `Choose it here, once, within ${sayMinutes(settings.mailedLinkMinutes)}:`,
    link,
    'If it was not you, there is nothing to do: your password stays as it is.',
  ],
};
