import { and, eq } from 'drizzle-orm';
import { type Database, isDuplicate, type Queries, tables } from '../database';
import { hashPassword } from './passwords';
import type { Entering } from './sessions';

const { people } = tables;

export interface NewAccount {
  email: string;
  name: string;
  password: string;
}

/**
 * Makes an account.
 * @param account with a password as it was typed, which is hashed here
 * @returns its id; null when the e-mail has one already
 */
export async function createAccount(
  database: Database,
  { email, name, password }: NewAccount,
): Promise<number | null> {
  return keepAccount(database, { email, name, passwordHash: await hashPassword(password) });
}

/** Keeps an account whose password is hashed. @returns its id; null when the e-mail has one already */
export async function keepAccount(
  queries: Queries,
  account: { email: string; name: string; passwordHash: string },
): Promise<number | null> {
  try {
    const [{ insertId }] = await queries
      .insert(people)
      .values({ ...account, createdAt: new Date() });
    return insertId;
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    return null;
  }
}

/** Whose an e-mail address is; null without an account. */
export async function personOf(queries: Queries, email: string) {
  const [found] = await queries.select().from(people).where(eq(people.email, email));
  return found ?? null;
}

/** Whose an account is. */
export async function personById(queries: Queries, id: number) {
  const [found] = await queries.select().from(people).where(eq(people.id, id));
  return found ?? null;
}

/** @returns whether it stands: not when the password was changed since it was read */
export async function keepHash(
  queries: Queries,
  { person, passwordHash: read }: Entering,
  passwordHash: string,
): Promise<boolean> {
  const [{ affectedRows }] = await queries
    .update(people)
    .set({ passwordHash })
    .where(and(eq(people.id, person.id), eq(people.passwordHash, read)));
  return affectedRows > 0;
}
