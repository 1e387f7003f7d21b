import { settings } from '../../settings';
import type { Letter } from '../letter';
import { sayMinutes } from './sayMinutes';

const minutes = settings.invitationDays * 24 * 60;

export const invitation: Letter = {
  opens: { kind: 'invitation', page: 'join', minutes },
  subject: 'You are invited to Stand Mark',
  paragraphs: (link, { by = '' }) => [
    `${by} invites you to Stand Mark, where dashboards of line charts are shared.`,
    `Make your account here, within ${sayMinutes(minutes)}:`,
    link,
    'If you know nothing of it, there is nothing to do.',
  ],
};
