import { and, count, eq } from 'drizzle-orm';
import type { Person, Secret } from '../../../contract';
import { type Database, inTransaction, type Queries, tables } from '../../database';
import { Refusal } from '../../http';
import { postMail } from '../../mail';
import { settings } from '../../settings';
import { endOtherSessions } from '../sessions';
import { isKnownAddress } from '../knownAddresses';
import { pauseAfterTries } from '../pauses';
import { forgetTries, takeTryBack, type Tried } from '../tries';
import {
  addressOfSecret,
  makeRecoveryCodes,
  makeSecret,
  useRecoveryCode,
  useShownCode,
} from './codes';

const { recoveryCodes, secondFactors } = tables;

/** Whether somebody has a second factor, which signing in asks for. */
export async function hasSecondFactor(queries: Queries, personId: number): Promise<boolean> {
  const own = and(eq(secondFactors.personId, personId), eq(secondFactors.confirmed, true));
  return (
    (await queries.select({ id: secondFactors.personId }).from(secondFactors).where(own)).length > 0
  );
}

/** How many recovery codes somebody has left. */
export async function recoveryCodesLeft(queries: Queries, personId: number): Promise<number> {
  const [row] = await queries
    .select({ left: count() })
    .from(recoveryCodes)
    .where(eq(recoveryCodes.personId, personId));
  return row?.left ?? 0;
}

/**
 * Begins to set a second factor up: it is asked for once a code of it was shown.
 * @throws Refusal 409 when there is one
 */
export async function beginSecondFactor(database: Database, person: Person): Promise<Secret> {
  const secret = makeSecret();
  await inTransaction(database, async (change) => {
    if (await hasSecondFactor(change, person.id)) throw hasOne();
    await change
      .insert(secondFactors)
      .values({ personId: person.id, secret })
      .onDuplicateKeyUpdate({ set: { secret, lastStep: 0 } });
  });
  return { secret, address: addressOfSecret(secret, person.email) };
}

/**
 * Ends setting a second factor up: the program that shows codes has shown one. Whoever is signed in
 * without it elsewhere is so no more.
 * @param session the one that goes on
 * @returns recovery codes, told this once
 * @throws Refusal 422 when the code is wrong, 409 when there is one
 */
export async function confirmSecondFactor(
  database: Database,
  person: Person,
  code: string,
  session: string | null,
): Promise<string[]> {
  await pauseAfterTries(database, triesAt(`confirming ${person.id}`), tooManyCodes);
  const codes = await inTransaction(database, async (change) => {
    if (await hasSecondFactor(change, person.id)) throw hasOne();
    if (!(await useShownCode(change, person.id, code))) throw wrongCode();
    await change
      .update(secondFactors)
      .set({ confirmed: true })
      .where(eq(secondFactors.personId, person.id));
    await endOtherSessions(change, person.id, session);
    await tellOf(change, person, 'A second factor was set up for your account with Stand Mark.');
    return makeRecoveryCodes(change, person.id);
  });
  await forgetTries(database, triesAt(`confirming ${person.id}`));
  return codes;
}

/** Takes somebody's second factor away, with its recovery codes. */
export async function removeSecondFactor(database: Database, person: Person): Promise<void> {
  await inTransaction(database, async (change) => {
    await forgetSecondFactor(change, person.id);
    await tellOf(
      change,
      person,
      'The second factor of your account with Stand Mark was taken away.',
    );
  });
}

/** Forgets a second factor and its recovery codes, in a transaction. */
export async function forgetSecondFactor(change: Queries, personId: number): Promise<void> {
  await change.delete(secondFactors).where(eq(secondFactors.personId, personId));
  await change.delete(recoveryCodes).where(eq(recoveryCodes.personId, personId));
}

/** Gives somebody new recovery codes in place of those of before. */
export const renewRecoveryCodes = (database: Database, person: Person): Promise<string[]> =>
  inTransaction(database, (change) => makeRecoveryCodes(change, person.id));

/**
 * Asks for a code of whoever has a second factor: one that is shown, or a recovery code. Wrong ones are
 * counted as wrong passwords are.
 * @param address where the request comes from
 * @returns what was used; null when nothing was asked for
 * @throws Refusal 401 without one, or with a wrong one, or one that was used; 429 after too many
 */
export async function checkSecondFactor(
  database: Database,
  person: Person,
  code: string | undefined,
  address: string,
): Promise<'shown' | 'recovery' | null> {
  if (!(await hasSecondFactor(database, person.id))) return null;
  const plain = (code ?? '').replace(/[\s-]/g, '').toLowerCase();
  if (!plain) throw codeWanted();
  const pair = triesAt(`${address} ${person.id}`);
  const anywhere = { ...triesAt(`account ${person.id}`), free: settings.freeTriesOfAccount };
  const known = await isKnownAddress(database, person.id, address);
  await pauseAfterTries(database, pair, tooManyCodes);
  if (!known) await pauseAfterTries(database, anywhere, tooManyCodes);
  const shown = await useShownCode(database, person.id, plain);
  if (!shown && !(await useRecoveryCode(database, person.id, plain))) throw wrongCode(401);
  await forgetTries(database, pair);
  if (!known) await takeTryBack(database, anywhere);
  return shown ? 'shown' : 'recovery';
}

const tooManyCodes = 'Too many tries with a wrong code.';

const triesAt = (subject: string): Tried => ({
  kind: 'code',
  subject,
  free: settings.freeTries,
});

const tellOf = (change: Queries, { id, email }: Person, what: string) =>
  postMail(change, { letter: 'changed', email, personId: id, details: { what } });

const hasOne = () =>
  new Refusal(409, {
    code: 'has-second-factor',
    sentence: 'You have a second factor already. Take it away first, then set another up.',
  });

const codeWanted = () =>
  new Refusal(401, {
    code: 'code-wanted',
    sentence: 'Write the six digits that are shown for this account now, or a recovery code.',
  });

function wrongCode(status = 422): Refusal {
  const sentence = 'This code is not right, or was used before. Wait for the next one to be shown.';
  return new Refusal(
    status,
    { code: 'wrong-code', sentence },
    { fields: [{ field: 'code', sentence }] },
  );
}
