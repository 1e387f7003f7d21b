import { type Column, eq, sql } from 'drizzle-orm';
import { type Queries, tables } from '../database';
import { Refusal } from '../http';
import { type Quota, type Quotas, quotas } from './quotas';

/** Removed things can be brought back, so they count too: so many times what there may be of others. */
const removedToo = 10;

/** What there is of something: all of it, and what is not removed. */
interface Found {
  all: number;
  living?: number;
}

/**
 * Makes sure that there is room for more of something.
 * @param found what there is before
 * @param adding how much more of it is to come
 * @throws Refusal 422 when its quota is full
 */
export function requireRoom(of: Quotas, { all, living = all }: Found, adding = 1): void {
  const { most, sentence }: Quota = quotas[of];
  if (living + adding <= most && all + adding <= removedToo * most) return;
  throw new Refusal(422, { code: 'quota', sentence: sentence(most.toLocaleString('en-GB')) });
}

/** Has those take turns who add to what one person has; within a transaction. */
export async function lockPerson(change: Queries, personId: number): Promise<void> {
  const { people } = tables;
  await change.select({ id: people.id }).from(people).where(eq(people.id, personId)).for('update');
}

/**
 * What to select where things are counted that can be removed.
 * @param deletedAt the column that says when a row was removed
 */
export const countOf = (deletedAt: Column) => ({
  all: sql`COUNT(*)`.mapWith(Number),
  living: sql`COALESCE(SUM(${deletedAt} IS NULL), 0)`.mapWith(Number),
});

/**
 * The row of a statement that gives exactly one.
 * @param rows exactly one
 */
export const onlyRow = <Row>(rows: readonly Row[]): Row => rows[0] as Row;
