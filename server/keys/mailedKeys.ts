import { and, eq, gt, inArray, isNull, lt, sql } from 'drizzle-orm';
import { type Database, type Queries, tables } from '../database';
import { Refusal } from '../http';
import { hashOfToken, makeToken } from './tokens';

const { mailedKeys } = tables;

/** What a key that was mailed opens. */
export type MailedKind = (typeof mailedKeys.$inferSelect)['kind'];

/** A key as it is kept: the token itself is only in the mail. */
export type MailedKey = typeof mailedKeys.$inferSelect;

/** Used keys are remembered for so many hours after their end: some go together. */
const rememberedHours = 24;

/**
 * Makes a key that is mailed to an address, and opens something once.
 * @param minutes for which it does
 * @returns its token
 */
export async function makeKey(
  queries: Queries,
  key: Pick<MailedKey, 'kind' | 'personId' | 'email' | 'details'>,
  minutes: number,
): Promise<string> {
  const token = makeToken(32);
  const now = sql`UTC_TIMESTAMP(3)`;
  await queries.insert(mailedKeys).values({
    ...key,
    tokenHash: hashOfToken(token),
    changedAt: now,
    expiresAt: sql`${now} + INTERVAL ${minutes} MINUTE`,
  });
  return token;
}

const living = (kind: MailedKind, token: string) =>
  and(
    eq(mailedKeys.tokenHash, hashOfToken(token)),
    eq(mailedKeys.kind, kind),
    isNull(mailedKeys.usedAt),
    gt(mailedKeys.expiresAt, sql`UTC_TIMESTAMP(3)`),
  );

/**
 * What a key would open, without using it.
 * @throws Refusal 422 when it opens nothing, or nothing any more
 */
export async function peekKey(
  queries: Queries,
  kind: MailedKind,
  token: string,
): Promise<MailedKey> {
  const [found] = await queries.select().from(mailedKeys).where(living(kind, token));
  if (!found) throw opensNothing();
  return found;
}

/**
 * Uses a key, which opens nothing from then on: of several who use it at the same moment, one does.
 * @param change the transaction in which it opens something
 * @throws Refusal 422 when it opens nothing, or nothing any more
 */
export async function useKey(change: Queries, kind: MailedKind, token: string): Promise<MailedKey> {
  const [{ affectedRows }] = await change
    .update(mailedKeys)
    .set({ usedAt: sql`UTC_TIMESTAMP(3)`, changedAt: sql`UTC_TIMESTAMP(3)` })
    .where(living(kind, token));
  if (affectedRows === 0) throw opensNothing();
  const own = eq(mailedKeys.tokenHash, hashOfToken(token));
  const [key] = await change.select().from(mailedKeys).where(own);
  return key as MailedKey;
}

/** Ends all keys of some kinds that were made for somebody. */
export async function endKeys(change: Queries, personId: number, kinds: readonly MailedKind[]) {
  await change
    .delete(mailedKeys)
    .where(and(eq(mailedKeys.personId, personId), inArray(mailedKeys.kind, [...kinds])));
}

/** Drops keys that ended long ago. */
export async function sweepKeys(database: Database): Promise<void> {
  await database
    .delete(mailedKeys)
    .where(lt(mailedKeys.expiresAt, sql`UTC_TIMESTAMP(3) - INTERVAL ${rememberedHours} HOUR`));
}

/** What is said of a key that opens nothing. */
export const opensNothing = () =>
  new Refusal(422, {
    code: 'key-opens-nothing',
    sentence: 'This link opens nothing any more: it has been used, or its time is over. Ask anew.',
  });
