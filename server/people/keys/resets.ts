import { eq } from 'drizzle-orm';
import { type Database, inTransaction, tables } from '../../database';
import { opensNothing, peekKey, useKey } from '../../keys';
import { postMail } from '../../mail';
import { personById, personOf } from '../accounts';
import { alike } from '../alike';
import { endAllKeys } from '../changePassword';
import { requireFit } from '../chosenPassword';
import { hashPassword } from '../passwords';
import { pauseBeforeMail } from '../pauseBeforeMail';

/**
 * Has a link mailed by which a new password is chosen. Nothing tells whether the address has an account.
 * @param address where the request comes from
 * @throws Refusal 429 after too many mails
 */
export async function askForReset(
  database: Database,
  email: string,
  address: string,
): Promise<void> {
  await alike(async () => {
    await pauseBeforeMail(database, [address, email]);
    const found = await personOf(database, email);
    if (found) await postMail(database, { letter: 'reset', email, personId: found.id });
  });
}

/**
 * Gives an account the password that was chosen by a mailed link, and ends whatever else opens it.
 * @returns whose it is
 * @throws Refusal 422 when the link opens nothing any more, or the password is easily guessed
 */
export async function resetPassword(
  database: Database,
  { token, password }: { token: string; password: string },
) {
  const { personId } = await peekKey(database, 'reset', token);
  const person = await personById(database, personId ?? 0);
  if (!person) throw opensNothing();
  await requireFit(password, person);
  const passwordHash = await hashPassword(password);
  await inTransaction(database, async (change) => {
    await useKey(change, 'reset', token);
    await change.update(tables.people).set({ passwordHash }).where(eq(tables.people.id, person.id));
    await endAllKeys(change, person);
  });
  return person;
}
