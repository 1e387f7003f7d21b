import type { Person } from '../../contract';
import { type Database, inTransaction, type Queries } from '../database';
import { endKeys } from '../keys';
import { postMail } from '../mail';
import { keepHash } from './accounts';
import { requireFit } from './chosenPassword';
import { rightHash, withOwnPassword } from './ownPassword';
import { hashPassword } from './passwords';
import { endSessions, type Entering } from './sessions';

/**
 * Changes somebody's password, and ends all of their sessions with it.
 * @param chosen with the one that they have
 * @param begin begins a session by the new one, in the same transaction
 * @throws Refusal 422 when that is another, or the new one is easily guessed; 429 after too many tries
 */
export async function changePassword<Begun>(
  database: Database,
  person: Person,
  chosen: { current: string; password: string },
  begin: (queries: Queries, entering: Entering) => Promise<Begun>,
): Promise<Begun> {
  await requireFit(chosen.password, person);
  return withOwnPassword(database, person, chosen.current, async (first) => {
    const passwordHash = await hashPassword(chosen.password);
    for (let read = first; ;) {
      const begun = await inTransaction(database, async (change) => {
        if (!(await keepHash(change, { person, passwordHash: read }, passwordHash))) return null;
        await endAllKeys(change, person);
        return { by: await begin(change, { person, passwordHash }) };
      });
      if (begun) return begun.by;
      // Changed meanwhile, or hashed anew: by the same password it goes on.
      read = await rightHash(database, person, chosen.current);
    }
  });
}

/** Ends whatever opens somebody's account but the new password, and tells them by mail. */
export async function endAllKeys(change: Queries, { id, email }: Pick<Person, 'id' | 'email'>) {
  await endSessions(change, id);
  await endKeys(change, id, ['reset', 'old-address', 'new-address']);
  const what = 'The password of your account with Stand Mark was changed.';
  await postMail(change, { letter: 'changed', email, personId: id, details: { what } });
}
