import type { Database } from '../database';
import { Refusal } from '../http';
import { secondsToWait, type Tried } from './tries';

/** @throws Refusal 429 while there is a pause after too many tries */
export async function pauseAfterTries(
  database: Database,
  tried: Tried,
  what = 'Too many tries with a wrong password.',
): Promise<void> {
  const seconds = await secondsToWait(database, tried);
  if (seconds === 0) return;
  const wait =
    seconds < 90
      ? `${seconds} ${seconds === 1 ? 'second' : 'seconds'}`
      : `${Math.ceil(seconds / 60)} minutes`;
  const sentence = `${what} Wait ${wait}, then try again.`;
  throw new Refusal(429, { code: 'too-many-tries', sentence }, { retryAfter: seconds });
}
