import type { Person } from '../../contract';
import type { Database } from '../database';
import { Refusal } from '../http';
import { settings } from '../settings';
import { personById } from './accounts';
import { isPassword } from './passwords';
import { pauseAfterTries } from './pauses';
import { forgetTries, type Tried } from './tries';

const triesOf = ({ id }: Person): Tried => ({
  kind: 'password',
  subject: `${id}`,
  free: settings.freeTries,
});

/**
 * Asks whoever has an open page for the password, so that the page is not enough. Tries are forgotten
 * once it was right and what it was asked for is done.
 * @param use what it is asked for, given the hash that stands for them
 * @throws Refusal 422 when it is another, 429 after too many tries
 */
export async function withOwnPassword<Result>(
  database: Database,
  person: Person,
  current: string,
  use: (passwordHash: string) => Promise<Result>,
): Promise<Result> {
  await pauseAfterTries(database, triesOf(person));
  const result = await use(await rightHash(database, person, current));
  await forgetTries(database, triesOf(person));
  return result;
}

/**
 * The hash that stands for somebody.
 * @param current what they say their password is
 * @throws Refusal 422 when it is another
 */
export async function rightHash(
  database: Database,
  person: Person,
  current: string,
): Promise<string> {
  const found = await personById(database, person.id);
  if (found && (await isPassword(found.passwordHash, current))) return found.passwordHash;
  const sentence = 'This is not the password that you have now.';
  const fields = [{ field: 'current', sentence }];
  throw new Refusal(422, { code: 'wrong-password', sentence }, { fields });
}
