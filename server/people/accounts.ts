import { and, eq } from 'drizzle-orm';
import type { Person } from '../../contract';
import { type Database, inTransaction, isDuplicate, type Queries, tables } from '../database';
import { Refusal } from '../http';
import { settings } from '../settings';
import { alike } from './alike';
import { isKnownAddress, rememberAddress } from './knownAddresses';
import { requireFit } from './chosenPassword';
import { hashPassword, isCheap, isPassword } from './passwords';
import { endSessions, type Entering } from './sessions';
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
 * @throws Refusal 422 for a password that is easily guessed, 429 after too many accounts from one address
 */
export async function signUp(database: Database, account: Account, address: string): Promise<void> {
  await requireFit(account.password, account);
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
): Promise<Entering> {
  const kind = 'sign-in';
  const place: Tried = { kind, subject: address, free: settings.freeTriesOfAddress };
  const pair: Tried = { kind, subject: `${address} ${email}`, free: settings.freeTries };
  const account: Tried = { kind, subject: `account ${email}`, free: settings.freeTriesOfAccount };
  const entering = await alike(async () => {
    for (const tried of [place, pair]) await pauseAfterTries(database, tried);
    const [found] = await database
      .select()
      .from(tables.people)
      .where(eq(tables.people.email, email));
    const known = await isKnownAddress(database, found?.id ?? 0, address);
    if (!known) await pauseAfterTries(database, account);
    if (!(await isPassword(found?.passwordHash ?? null, password)) || !found) throw wrongPassword();
    if (!known) await takeTryBack(database, account);
    const person = { id: found.id, name: found.name, email: found.email };
    const read = { person, passwordHash: found.passwordHash };
    return isCheap(read.passwordHash) ? hashedAnew(database, read, password) : read;
  });
  await Promise.all([
    forgetTries(database, pair),
    takeTryBack(database, place),
    rememberAddress(database, entering.person.id, address),
  ]);
  return entering;
}

/** Works the hash of a password that was right out at what it may cost now. */
async function hashedAnew(database: Database, read: Entering, password: string): Promise<Entering> {
  const passwordHash = await hashPassword(password);
  if (await keepHash(database, read, passwordHash)) return { ...read, passwordHash };
  // Somebody else has signed in by it at the same moment, or has changed it.
  const { people } = tables;
  const [found] = await database.select().from(people).where(eq(people.id, read.person.id));
  if (!found || !(await isPassword(found.passwordHash, password))) throw wrongPassword();
  return { ...read, passwordHash: found.passwordHash };
}

const wrongPassword = () =>
  new Refusal(401, {
    code: 'wrong-password',
    sentence: 'The e-mail address and the password do not match.',
  });

/** @returns whether it stands: not when the password was changed since it was read */
async function keepHash(
  queries: Queries,
  { person, passwordHash: read }: Entering,
  passwordHash: string,
): Promise<boolean> {
  const { people } = tables;
  const [{ affectedRows }] = await queries
    .update(people)
    .set({ passwordHash })
    .where(and(eq(people.id, person.id), eq(people.passwordHash, read)));
  return affectedRows > 0;
}

/**
 * Changes somebody's password, and ends all of their sessions with it.
 * @param chosen with the one that they have, which is asked so that an open page is not enough
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
  const tried: Tried = { kind: 'password', subject: `${person.id}`, free: settings.freeTries };
  await pauseAfterTries(database, tried);
  const passwordHash = await hashPassword(chosen.password);
  for (let read = await rightHash(database, person, chosen.current); ;) {
    const begun = await inTransaction(database, async (change) => {
      if (!(await keepHash(change, { person, passwordHash: read }, passwordHash))) return null;
      await endSessions(change, person.id);
      return { by: await begin(change, { person, passwordHash }) };
    });
    if (begun) {
      await forgetTries(database, tried);
      return begun.by;
    }
    // Changed meanwhile, or hashed anew: by the same password it goes on.
    read = await rightHash(database, person, chosen.current);
  }
}

/**
 * The hash that stands for somebody.
 * @param current what they say their password is
 * @throws Refusal 422 when it is another
 */
async function rightHash(database: Database, person: Person, current: string): Promise<string> {
  const { people } = tables;
  const [found] = await database.select().from(people).where(eq(people.id, person.id));
  if (found && (await isPassword(found.passwordHash, current))) return found.passwordHash;
  throw new Refusal(422, wrongCurrent, {
    fields: [{ field: 'current', sentence: wrongCurrent.sentence }],
  });
}

const wrongCurrent = {
  code: 'wrong-password',
  sentence: 'This is not the password that you have now.',
};

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
