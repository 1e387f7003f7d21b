import { settings } from '../../settings';
import type { Letter } from '../letter';

export const changed: Letter = {
  subject: 'Your account was changed',
  paragraphs: (_, { what = '' }) => [
    what,
    `If it was not you, choose a new password at once: ${settings.address}/forgotten`,
  ],
};
