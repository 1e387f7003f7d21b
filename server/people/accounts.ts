import { eq } from 'drizzle-orm';
import type { Person } from '../../contract';
import { type Database, isDuplicate, tables } from '../database';
import { Refusal } from '../http';
import { settings } from '../settings';
import { alike } from './alike';
import { isKnownAddress, rememberAddress } from './knownAddresses';
import { hashPassword, isPassword } from './passwords';
import { forgetTries, secondsToWait, takeTryBack, type Tried } from './tries';

interface Account {
  email: string;
  name: string;
  password: string;
}

/**
 * Makes an account.
 * @param account with a password as it was typed, which is hashed here
 * @returns its id; null when the e-mail has one already
 */
export async function createAccount(database: Database, account: Account): Promise<number | null> {
  const { email, name, password } = account;
  const passwordHash = await hashPassword(password);
  const values = { email, name, passwordHash, createdAt: new Date() };
  try {
    const [{ insertId }] = await database.insert(tables.people).values(values);
    return insertId;
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    return null;
  }
}

/**
 * Makes an account for somebody at an address, which may not make them at will. Nothing tells whether
 * the e-mail had one already: whoever it belongs to signs in with its password.
 * @throws Refusal 429 after too many accounts from one address
 */
export async function signUp(database: Database, account: Account, address: string): Promise<void> {
  const seconds = await secondsToWait(database, {
    kind: 'sign-up',
    subject: address,
    free: settings.signUpsOfAddress,
  });
  if (seconds > 0) throw tooMany('Too many accounts were made from here.', seconds);
  await alike(() => createAccount(database, account));
}

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
): Promise<Person> {
  const kind = 'sign-in';
  const place: Tried = { kind, subject: address, free: settings.freeTriesOfAddress };
  const pair: Tried = { kind, subject: `${address} ${email}`, free: settings.freeTries };
  const account: Tried = { kind, subject: `account ${email}`, free: settings.freeTriesOfAccount };
  const person = await alike(async () => {
    for (const tried of [place, pair]) await pauseAfterTries(database, tried);
    const [found] = await database
      .select()
      .from(tables.people)
      .where(eq(tables.people.email, email));
    const known = await isKnownAddress(database, found?.id ?? 0, address);
    if (!known) await pauseAfterTries(database, account);
    if (!(await isPassword(found?.passwordHash ?? null, password)) || !found)
      throw new Refusal(401, {
        code: 'wrong-password',
        sentence: 'The e-mail address and the password do not match.',
      });
    if (!known) await takeTryBack(database, account);
    return { id: found.id, name: found.name, email: found.email };
  });
  await Promise.all([
    forgetTries(database, pair),
    takeTryBack(database, place),
    rememberAddress(database, person.id, address),
  ]);
  return person;
}

async function pauseAfterTries(database: Database, tried: Tried) {
  const seconds = await secondsToWait(database, tried);
  if (seconds > 0) throw tooMany('Too many tries with a wrong password.', seconds);
}

function tooMany(what: string, seconds: number): Refusal {
  const wait =
    seconds < 90
      ? `${seconds} ${seconds === 1 ? 'second' : 'seconds'}`
      : `${Math.ceil(seconds / 60)} minutes`;
  const sentence = `${what} Wait ${wait}, then try again.`;
  return new Refusal(429, { code: 'too-many-tries', sentence }, { retryAfter: seconds });
}
