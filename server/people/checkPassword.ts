import type { Database } from '../database';
import { Refusal } from '../http';
import { settings } from '../settings';
import { keepHash, personById, personOf } from './accounts';
import { alike } from './alike';
import { isKnownAddress, rememberAddress } from './knownAddresses';
import { hashPassword, isCheap, isPassword } from './passwords';
import { pauseAfterTries } from './pauses';
import type { Entering } from './sessions';
import { forgetTries, takeTryBack, type Tried } from './tries';

/**
 * Checks an e-mail and a password. Wrong ones are counted for the address, for the account and the
 * address together, and for the account from wherever they come; the last do not shut out somebody at
 * an address from which they have signed in before.
 * @param address where the request comes from
 * @throws Refusal 401 when they do not match, 429 while there is a pause after too many failures
 */
export async function checkPassword(
  database: Database,
  email: string,
  password: string,
  address: string,
): Promise<Entering> {
  const kind = 'sign-in';
  const place: Tried = { kind, subject: address, free: settings.freeTriesOfAddress };
  const pair: Tried = { kind, subject: `${address} ${email}`, free: settings.freeTries };
  const account: Tried = { kind, subject: `account ${email}`, free: settings.freeTriesOfAccount };
  const entering = await alike(async () => {
    for (const tried of [place, pair]) await pauseAfterTries(database, tried);
    const found = await personOf(database, email);
    const known = await isKnownAddress(database, found?.id ?? 0, address);
    if (!known) await pauseAfterTries(database, account);
    if (!(await isPassword(found?.passwordHash ?? null, password)) || !found) throw wrongPassword();
    if (!known) await takeTryBack(database, account);
    const person = { id: found.id, name: found.name, email: found.email };
    const read = { person, passwordHash: found.passwordHash };
    return isCheap(read.passwordHash) ? hashedAnew(database, read, password) : read;
  });
  await Promise.all([forgetTries(database, pair), takeTryBack(database, place)]);
  return entering;
}

/** Remembers where somebody has got in by all that is asked of them. */
export const rememberEntry = (database: Database, { person }: Entering, address: string) =>
  rememberAddress(database, person.id, address);

/** Works the hash of a password that was right out at what it may cost now. */
async function hashedAnew(database: Database, read: Entering, password: string): Promise<Entering> {
  const passwordHash = await hashPassword(password);
  if (await keepHash(database, read, passwordHash)) return { ...read, passwordHash };
  // Somebody else has signed in by it at the same moment, or has changed it.
  const found = await personById(database, read.person.id);
  if (!found || !(await isPassword(found.passwordHash, password))) throw wrongPassword();
  return { ...read, passwordHash: found.passwordHash };
}

const wrongPassword = () =>
  new Refusal(401, {
    code: 'wrong-password',
    sentence: 'The e-mail address and the password do not match.',
  });
