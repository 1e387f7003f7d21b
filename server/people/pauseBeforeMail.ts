import type { Database } from '../database';
import { settings } from '../settings';
import { pauseAfterTries } from './pauses';

/**
 * Bounds the mails that are sent for the asking.
 * @param subjects who asks, from where and for whom
 * @throws Refusal 429 after too many
 */
export async function pauseBeforeMail(database: Database, subjects: readonly string[]) {
  for (const subject of subjects)
    await pauseAfterTries(
      database,
      { kind: 'mail', subject, free: settings.mailsAskedFor },
      'Too many mails were asked for.',
    );
}
