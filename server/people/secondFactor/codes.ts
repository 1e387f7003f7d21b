import { randomBytes } from 'node:crypto';
import { and, eq, lt } from 'drizzle-orm';
import { Secret, TOTP } from 'otpauth';
import { type Queries, tables } from '../../database';
import { hashOfToken } from '../../keys';

const { recoveryCodes, secondFactors } = tables;

/** Seconds for which a code is shown, and the shown ones before and after it that are taken too. */
const period = 30;
const window = 1;

const countOfCodes = 10;

const totp = (secret: string, label = '') =>
  new TOTP({ issuer: 'Stand Mark', label, secret: Secret.fromBase32(secret), period });

/** A secret that nobody can guess, in base 32. */
export const makeSecret = (): string => new Secret({ size: 20 }).base32;

/**
 * What a program that shows codes reads.
 * @param email by which it names them
 */
export const addressOfSecret = (secret: string, email: string): string =>
  totp(secret, email).toString();

/**
 * Uses a code that is shown, by RFC 6238: the step that it belongs to is kept, so that neither it nor an
 * earlier one is taken again. Of several who use it at the same moment, one does.
 * @returns whether it was right, and not used before
 */
export async function useShownCode(queries: Queries, personId: number, code: string) {
  const own = eq(secondFactors.personId, personId);
  const [factor] = await queries.select().from(secondFactors).where(own);
  if (!factor || !/^\d{6}$/.test(code)) return false;
  const now = Date.now();
  const delta = totp(factor.secret).validate({ token: code, timestamp: now, window });
  if (delta === null) return false;
  const step = Math.floor(now / 1000 / period) + delta;
  const [{ affectedRows }] = await queries
    .update(secondFactors)
    .set({ lastStep: step })
    .where(and(own, lt(secondFactors.lastStep, step)));
  return affectedRows > 0;
}

/** Uses a recovery code, which is gone by it. @returns whether there was such a one */
export async function useRecoveryCode(queries: Queries, personId: number, code: string) {
  const own = and(
    eq(recoveryCodes.personId, personId),
    eq(recoveryCodes.codeHash, hashOfToken(code)),
  );
  const [{ affectedRows }] = await queries.delete(recoveryCodes).where(own);
  return affectedRows > 0;
}

/** Gives somebody new recovery codes in place of those that they had. @returns them, told this once */
export async function makeRecoveryCodes(change: Queries, personId: number): Promise<string[]> {
  const codes = Array.from({ length: countOfCodes }, () =>
    new Secret({ buffer: new Uint8Array(randomBytes(10)).buffer }).base32.toLowerCase(),
  );
  await change.delete(recoveryCodes).where(eq(recoveryCodes.personId, personId));
  await change
    .insert(recoveryCodes)
    .values(codes.map((code) => ({ personId, codeHash: hashOfToken(code) })));
  return codes.map((code) => (code.match(/.{4}/g) ?? []).join('-'));
}
