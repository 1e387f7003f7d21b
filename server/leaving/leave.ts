import { eq, or } from 'drizzle-orm';
import type { Person } from '../../contract';
import { type Database, inTransaction, type Queries, tables } from '../database';
import { notFound } from '../http';
import { postMail } from '../mail';
import { endSessions, forgetSecondFactor } from '../people';
import { lockPerson } from '../quotas';
import { dashboardsOwned, heirsOf } from './belongings';
import { deleteBelongings } from './deleteBelongings';
import { handOver } from './handOver';

const { access, invitations, knownAddresses, mailedKeys, mails, people } = tables;

/**
 * Deletes an account: all of it, or nothing. What it owns is handed over or deleted; what its owner wrote
 * on others' dashboards stays, by somebody who has left.
 * @param heirId who takes over what is owned; null: it is deleted
 * @param note writes down that it was done, given what became of it all
 * @throws Refusal 404 when the heir shares no dashboard of theirs, 422 when the heir has no room
 */
export async function leave(
  database: Database,
  person: Person,
  heirId: number | null,
  note: (change: Queries, about: string) => Promise<unknown>,
): Promise<void> {
  await inTransaction(database, async (change) => {
    // In one order, for two who leave to each other at the same moment.
    for (const id of [person.id, ...(heirId === null ? [] : [heirId])].sort((a, b) => a - b))
      await lockPerson(change, id);
    const owned = await dashboardsOwned(change, person.id);
    const heir = (await heirsOf(change, person, owned)).find(({ id }) => id === heirId);
    if (heirId !== null && !heir) throw notFound('person who could take it over');
    if (heir) await handOver(change, person.id, heir.id, owned);
    else await deleteBelongings(change, person.id, owned);
    const what = heir
      ? `What it owned was handed over to ${heir.email}.`
      : 'What it owned was deleted with it.';
    await forgetPerson(change, person);
    await note(change, what);
    await postMail(change, { letter: 'left', email: person.email, details: { what } });
  });
}

/** Forgets whatever is known of somebody. Their number stays, by what they wrote for others. */
async function forgetPerson(change: Queries, { id, email }: Person): Promise<void> {
  await endSessions(change, id);
  await forgetSecondFactor(change, id);
  await change.delete(access).where(eq(access.personId, id));
  await change.delete(invitations).where(eq(invitations.email, email));
  await change.delete(knownAddresses).where(eq(knownAddresses.personId, id));
  await change
    .delete(mailedKeys)
    .where(or(eq(mailedKeys.personId, id), eq(mailedKeys.email, email)));
  await change.delete(mails).where(or(eq(mails.personId, id), eq(mails.email, email)));
  await change
    .update(people)
    // No address: nobody signs in by it, nor is anything shared with it.
    .set({ name: 'Somebody who has left', email: `left ${id}`, passwordHash: '' })
    .where(eq(people.id, id));
}
