import { hash, verify } from '@node-rs/argon2';
import { and, count, eq, gt, or } from 'drizzle-orm';
import type { Person } from '../../contract';
import { type Database, tables } from '../database';
import { Refusal } from '../http';

/** By OWASP's advice of 2023 for argon2id, the package's default algorithm. */
const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** After so many failures within the window, an e-mail or an address has to wait. */
const allowed = { failuresByEmail: 5, failuresByAddress: 30, windowMinutes: 15 };

/** Verifying against this takes as long as against a real one, so that time tells nothing. */
const nobodysHash = hash('nobody has this password', cost);

/**
 * Makes an account.
 * @throws Refusal 409 when the e-mail has one
 */
export async function createAccount(
  database: Database,
  account: { email: string; name: string; password: string },
): Promise<Person> {
  const { email, name, password } = account;
  const passwordHash = await hash(password, cost);
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

const isDuplicate = (error: unknown) =>
  [error, (error as { cause?: unknown }).cause].some(
    (each) => (each as { code?: string } | undefined)?.code === 'ER_DUP_ENTRY',
  );

/**
 * Checks an e-mail and a password.
 * @param address where the request comes from
 * @throws Refusal 401 when they do not match, 429 after too many failures
 */
export async function checkPassword(
  database: Database,
  email: string,
  password: string,
  address: string,
): Promise<Person> {
  await refuseGuessing(database, email, address);
  const [found] = await database.select().from(tables.people).where(eq(tables.people.email, email));
  const matches = await verify(found?.passwordHash ?? (await nobodysHash), password);
  if (found && matches) return { id: found.id, name: found.name, email: found.email };
  await database.insert(tables.failedSignIns).values({ email, address, at: new Date() });
  throw new Refusal(401, {
    code: 'wrong-password',
    sentence: 'The e-mail address and the password do not match.',
  });
}

async function refuseGuessing(database: Database, email: string, address: string) {
  const { failedSignIns } = tables;
  const since = new Date(Date.now() - allowed.windowMinutes * 60_000);
  const failures = async (condition: ReturnType<typeof eq>) => {
    const [row] = await database
      .select({ number: count() })
      .from(failedSignIns)
      .where(and(or(condition), gt(failedSignIns.at, since)));
    return row?.number ?? 0;
  };
  const byEmail = await failures(eq(failedSignIns.email, email));
  const byAddress = await failures(eq(failedSignIns.address, address));
  if (byEmail < allowed.failuresByEmail && byAddress < allowed.failuresByAddress) return;
  throw new Refusal(
    429,
    {
      code: 'too-many-tries',
      sentence: `Too many tries with a wrong password. Wait ${allowed.windowMinutes} minutes, then try again.`,
    },
    { retryAfter: allowed.windowMinutes * 60 },
  );
}
