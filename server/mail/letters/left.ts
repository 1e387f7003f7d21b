import type { Letter } from '../letter';

export const left: Letter = {
  subject: 'Your account was deleted',
  paragraphs: (_, { what = '' }) => [
    `Your account with Stand Mark was deleted. ${what}`,
    'If it was not you, tell whoever runs the server.',
  ],
};
