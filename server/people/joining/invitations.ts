import type { Person } from '../../../contract';
import type { Database } from '../../database';
import { notAllowed } from '../../http';
import { postMail } from '../../mail';
import { settings } from '../../settings';
import { personOf } from '../accounts';
import { alike } from '../alike';
import { pauseBeforeMail } from '../pauseBeforeMail';

/** Whether somebody may have others join. */
export const mayInvite = ({ email }: Person): boolean =>
  settings.joining !== 'closed' &&
  Boolean(settings.smtp) &&
  (settings.inviters.length === 0 || settings.inviters.includes(email));

/**
 * Has an invitation mailed. Nothing tells whether the address has an account already.
 * @throws Refusal 403 where the person may invite nobody, 429 after too many mails
 */
export async function inviteToJoin(database: Database, person: Person, email: string) {
  if (!mayInvite(person))
    throw notAllowed('You may invite nobody here. Ask whoever runs this server.');
  await alike(async () => {
    await pauseBeforeMail(database, [`person ${person.id}`, email]);
    const known = await personOf(database, email);
    const details = { by: person.email };
    if (known) await postMail(database, { letter: 'known', email, personId: known.id });
    else await postMail(database, { letter: 'invitation', email, details });
  });
}
