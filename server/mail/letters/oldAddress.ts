import { settings } from '../../settings';
import type { Letter } from '../letter';
import { sayMinutes } from './sayMinutes';

export const oldAddress: Letter = {
  opens: { kind: 'old-address', page: 'address/old', minutes: settings.mailedLinkMinutes },
  subject: 'Your account is to have another address',
  paragraphs: (link, { to = '' }) => [
    `Somebody, probably you, wants your account with Stand Mark to go by ${to} in place of this address.`,
    `Agree here within ${sayMinutes(settings.mailedLinkMinutes)}; the new address has been asked as well:`,
    link,
    'If it was not you, do not open the link, and change your password: whoever asked knows it.',
  ],
};
