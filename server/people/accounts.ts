import { eq } from 'drizzle-orm';
import type { Person } from '../../contract';
import { type Database, isDuplicate, tables } from '../database';
import { Refusal } from '../http';
import { settings } from '../settings';
import { hashPassword, isPassword } from './passwords';
import { forgetTries, secondsToWait, takeTryBack, type Tried } from './tries';

/**
 * Makes an account.
 * @throws Refusal 409 when the e-mail has one
 */
export async function createAccount(
  database: Database,
  account: { email: string; name: string; password: string },
): Promise<Person> {
  const { email, name, password } = account;
  const passwordHash = await hashPassword(password);
  const values = { email, name, passwordHash, createdAt: new Date() };
  try {
    const [{ insertId }] = await database.insert(tables.people).values(values);
    return { id: insertId, name, email };
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    throw new Refusal(409, {
      code: 'email-taken',
      sentence: 'This e-mail address has an account already. Sign in with it.',
    });
  }
}

/**
 * Makes an account for somebody at an address, which may not make them at will.
 * @throws Refusal 409 when the e-mail has one, 429 after too many accounts from one address
 */
export async function signUp(
  database: Database,
  account: { email: string; name: string; password: string },
  address: string,
): Promise<Person> {
  const seconds = await secondsToWait(database, {
    kind: 'sign-up',
    subject: address,
    free: settings.signUpsOfAddress,
  });
  if (seconds > 0) throw tooMany('Too many accounts were made from here.', seconds);
  return createAccount(database, account);
}

/**
 * Checks an e-mail and a password. Wrong ones are counted for the account and the address together,
 * so that a stranger's guesses shut nobody else out.
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
  const pair: Tried = { kind, subject: `${address} ${email}`, free: settings.freeTries };
  const place: Tried = { kind, subject: address, free: settings.freeTriesOfAddress };
  for (const tried of [place, pair]) {
    const seconds = await secondsToWait(database, tried);
    if (seconds > 0) throw tooMany('Too many tries with a wrong password.', seconds);
  }
  const [found] = await database.select().from(tables.people).where(eq(tables.people.email, email));
  const matches = await isPassword(found?.passwordHash ?? null, password);
  if (!found || !matches)
    throw new Refusal(401, {
      code: 'wrong-password',
      sentence: 'The e-mail address and the password do not match.',
    });
  await Promise.all([forgetTries(database, pair), takeTryBack(database, place)]);
  return { id: found.id, name: found.name, email: found.email };
}

function tooMany(what: string, seconds: number): Refusal {
  const wait =
    seconds < 90
      ? `${seconds} ${seconds === 1 ? 'second' : 'seconds'}`
      : `${Math.ceil(seconds / 60)} minutes`;
  const sentence = `${what} Wait ${wait}, then try again.`;
  return new Refusal(429, { code: 'too-many-tries', sentence }, { retryAfter: seconds });
}
