import { and, eq, gt, sql } from 'drizzle-orm';
import type { Person } from '../../../contract';
import { type Database, inTransaction, isDuplicate, type Queries, tables } from '../../database';
import { Refusal } from '../../http';
import { endKeys, opensNothing, useKey } from '../../keys';
import { postMail } from '../../mail';
import { withOwnPassword } from '../ownPassword';
import { personById } from '../accounts';
import { pauseBeforeMail } from '../pauseBeforeMail';

const { mailedKeys, people } = tables;
const kinds = ['old-address', 'new-address'] as const;

/**
 * Asks at somebody's address, and at the one that they want in place of it, whether they agree. What was
 * asked for before is over. Nothing tells whether the new one has an account.
 * @throws Refusal 422 when the password is another, 429 after too many mails
 */
export async function askForAddress(
  database: Database,
  person: Person,
  { current, email: to }: { current: string; email: string },
): Promise<void> {
  if (to === person.email)
    throw new Refusal(422, { code: 'same-address', sentence: 'This is your address already.' });
  await withOwnPassword(database, person, current, async () => {
    await pauseBeforeMail(database, [`person ${person.id}`, to]);
    const details = { from: person.email, to };
    const asked = { personId: person.id, details };
    await inTransaction(database, async (change) => {
      await endKeys(change, person.id, kinds);
      await postMail(change, { ...asked, letter: 'oldAddress', email: person.email });
      await postMail(change, { ...asked, letter: 'newAddress', email: to });
    });
  });
}

/**
 * Agrees to another address, by the link of one of the two mails; when both have been used, it is so.
 * @returns the person, and whether they go by it now
 * @throws Refusal 422 when the link opens nothing any more, or another account goes by the address
 */
export async function agreeToAddress(database: Database, token: string, side: 'old' | 'new') {
  return inTransaction(database, async (change) => {
    const key = await useKey(change, `${side}-address`, token);
    const person = await personById(change, key.personId ?? 0);
    const { from = '', to = '' } = key.details;
    if (!person || person.email !== from) throw opensNothing();
    if (!(await otherAgrees(change, key))) return { person, changed: false };
    await setAddress(change, person.id, to);
    // Whatever was mailed to the address of before opens nothing any more.
    await endKeys(change, person.id, ['reset', ...kinds]);
    const what = `Your account with Stand Mark goes by ${to} now, and not by ${from}.`;
    for (const email of [from, to])
      await postMail(change, { letter: 'changed', email, personId: person.id, details: { what } });
    return { person: { ...person, email: to }, changed: true };
  });
}

/** Whether the other of two keys for the same change has been used, while both were good. */
async function otherAgrees(change: Queries, key: typeof mailedKeys.$inferSelect) {
  const other = and(
    eq(mailedKeys.personId, key.personId ?? 0),
    eq(mailedKeys.kind, key.kind === 'old-address' ? 'new-address' : 'old-address'),
    gt(mailedKeys.expiresAt, sql`UTC_TIMESTAMP(3)`),
  );
  // Each writes to both keys: two who agree at the same moment, at two nodes too, come one after another.
  await change
    .update(mailedKeys)
    .set({ changedAt: sql`UTC_TIMESTAMP(3)` })
    .where(other);
  const keys = await change.select().from(mailedKeys).where(other).for('update');
  return keys.some(({ usedAt, details }) => usedAt !== null && details.to === key.details.to);
}

async function setAddress(change: Queries, personId: number, email: string) {
  try {
    await change.update(people).set({ email }).where(eq(people.id, personId));
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    throw new Refusal(422, {
      code: 'address-taken',
      sentence: 'Another account goes by this address. Choose another one.',
    });
  }
}
