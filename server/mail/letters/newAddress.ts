import { settings } from '../../settings';
import type { Letter } from '../letter';
import { sayMinutes } from './sayMinutes';

export const newAddress: Letter = {
  opens: { kind: 'new-address', page: 'address/new', minutes: settings.mailedLinkMinutes },
  subject: 'An account is to go by this address',
  paragraphs: (link, { from = '' }) => [
    `The account of ${from} with Stand Mark is to go by this address.`,
    `If it is yours, say so here within ${sayMinutes(settings.mailedLinkMinutes)}; the address of before has been asked as well:`,
    link,
    'If you know nothing of it, there is nothing to do.',
  ],
};
