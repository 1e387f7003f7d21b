import { eq, lt, sql } from 'drizzle-orm';
import { type Database, type Queries, tables } from '../database';
import { settings } from '../settings';

const { audit } = tables;

/** What was done, by whom and to what. */
export type Done = Omit<typeof audit.$inferInsert, 'id' | 'at'>;

const longest = 250;

/**
 * Writes down what was done, or is about to be.
 * @param queries the transaction that does it, if there is one
 * @returns the row's id, for `settle`
 */
export async function record(queries: Queries, done: Done): Promise<number> {
  const about = done.about?.slice(0, longest);
  const [{ insertId }] = await queries
    .insert(audit)
    .values({ ...done, about, at: sql`UTC_TIMESTAMP(3)` });
  return insertId;
}

/** Writes down how something ended that was begun. */
export async function settle(
  database: Database,
  id: number,
  outcome: Done['outcome'],
): Promise<void> {
  await database.update(audit).set({ outcome }).where(eq(audit.id, id));
}

/** Takes back what was written down of something that was not begun after all. */
export async function forget(database: Database, id: number): Promise<void> {
  await database.delete(audit).where(eq(audit.id, id));
}

/** Drops what is older than it is to be kept. */
export async function sweepAudit(database: Database): Promise<void> {
  await database
    .delete(audit)
    .where(lt(audit.at, sql`UTC_TIMESTAMP(3) - INTERVAL ${settings.auditDays} DAY`));
}
