import { type Database, inTransaction } from '../../database';
import { notAllowed } from '../../http';
import { peekKey, useKey } from '../../keys';
import { postMail } from '../../mail';
import { settings } from '../../settings';
import { createAccount, keepAccount, type NewAccount, personOf } from '../accounts';
import { alike } from '../alike';
import { requireFit } from '../chosenPassword';
import { pauseBeforeMail } from '../pauseBeforeMail';
import { hashPassword } from '../passwords';
import { pauseAfterTries } from '../pauses';

/**
 * Makes an account for somebody at an address, which may not make them at will; where the settings ask
 * for it, when they have opened a mail. Nothing tells whether the e-mail had one already: whoever it
 * belongs to signs in with its password.
 * @param made is told its id, where one is made at once; whoever asked cannot tell by the time it takes
 * @throws Refusal 403 where not everybody may join, 422 for a password that is easily guessed, 429 after
 *   too many accounts from one address
 */
export async function signUp(
  database: Database,
  account: NewAccount,
  address: string,
  made: (id: number) => Promise<unknown>,
): Promise<void> {
  if (settings.joining !== 'open') throw notAllowed(notOpen[settings.joining]);
  await requireFit(account.password, account);
  await pauseAfterTries(
    database,
    { kind: 'sign-up', subject: address, free: settings.signUpsOfAddress },
    'Too many accounts were made from here.',
  );
  if (settings.signUpByMail) return signUpByMail(database, account);
  await alike(async () => {
    const id = await createAccount(database, account);
    if (id !== null) await made(id);
  });
}

const notOpen = {
  invitation:
    'Accounts are made by invitation here. Ask a colleague who has one to send you theirs.',
  closed: 'No accounts are made here. Ask whoever runs this server.',
};

async function signUpByMail(database: Database, { email, name, password }: NewAccount) {
  await alike(async () => {
    await pauseBeforeMail(database, [email]);
    const passwordHash = await hashPassword(password);
    const known = await personOf(database, email);
    if (known) await postMail(database, { letter: 'known', email, personId: known.id });
    else await postMail(database, { letter: 'signUp', email, details: { name, passwordHash } });
  });
}

/**
 * Makes the account that a mailed link stands for.
 * @returns its address; it may have been made already, by another link
 * @throws Refusal 422 when the link opens nothing any more
 */
export async function completeSignUp(database: Database, token: string) {
  return inTransaction(database, async (change) => {
    const { email, details } = await useKey(change, 'sign-up', token);
    const { name = '', passwordHash = '' } = details;
    return { email, id: await keepAccount(change, { email, name, passwordHash }) };
  });
}

/**
 * Makes the account that somebody was invited to, by the address that the invitation was mailed to.
 * @throws Refusal 422 when the invitation opens nothing any more, or the password is easily guessed
 */
export async function join(
  database: Database,
  { token, name, password }: { token: string; name: string; password: string },
) {
  const { email } = await peekKey(database, 'invitation', token);
  await requireFit(password, { name, email });
  const passwordHash = await hashPassword(password);
  return inTransaction(database, async (change) => {
    await useKey(change, 'invitation', token);
    return { email, id: await keepAccount(change, { email, name, passwordHash }) };
  });
}
