import { Refusal } from '../http';
import { settings } from '../settings';

/** @throws Refusal 422 where no mail can be sent */
export function requireMail(): void {
  if (settings.smtp) return;
  throw new Refusal(422, {
    code: 'no-mail',
    sentence:
      'No mail can be sent from here. Whoever runs this server names one that takes mails in the setting STAND_MARK_SMTP.',
  });
}
