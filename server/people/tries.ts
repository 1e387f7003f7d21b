import { and, eq, lt, sql } from 'drizzle-orm';
import { type Database, tables } from '../database';
import { settings } from '../settings';

const { tries } = tables;

/** The longest pause, in seconds, and how long it takes until tries are forgotten. */
const longestPause = 900;
const forgottenAfter = 3600;

/** One thing that must not be tried at will, for one subject. */
export interface Tried {
  kind: 'sign-in' | 'sign-up' | 'password' | 'mail' | 'code';
  /** who tries, and what for */
  subject: string;
  /** tries without a pause; after them each pause is twice as long as the one before */
  free: number;
}

/**
 * Counts a try before it is made, in one statement, so that tries at the same moment are counted one
 * after another.
 * @returns 0 when it may be made; otherwise how many seconds to wait
 */
export async function secondsToWait(
  database: Database,
  { kind, subject, free }: Tried,
): Promise<number> {
  const now = sql`UTC_TIMESTAMP(3)`;
  // MariaDB assigns from left to right: what stands further down sees what was set above it. Of tries at
  // the same moment one that began earlier may be counted later: free ones look at no time.
  const [rows] = await database.execute(sql`
    INSERT INTO ${tries} (kind, subject, count, admitted, next_at, last_at)
    VALUES (${kind}, ${subject}, 1, 1, ${now}, ${now})
    ON DUPLICATE KEY UPDATE
      admitted = count < ${free} OR next_at <= ${now},
      count = IF(last_at < ${now} - INTERVAL ${forgottenAfter} SECOND, 0, count) + admitted,
      next_at = IF(admitted, ${now} + INTERVAL
        IF(count < ${free}, 0, LEAST(${longestPause}, ${settings.firstPauseSeconds} * POW(2, count - ${free}))) SECOND, next_at),
      last_at = IF(admitted, ${now}, last_at)
    RETURNING admitted, TIMESTAMPDIFF(MICROSECOND, ${now}, next_at) AS pause`);
  // A statement that was tried anew gives a row for each try: only the last one stands.
  const row = (rows as unknown as { admitted: number; pause: number }[]).at(-1);
  return row?.admitted ? 0 : Math.max(1, Math.ceil(Number(row?.pause ?? 0) / 1e6));
}

/** Forgets the tries of a subject. */
export async function forgetTries(
  database: Database,
  { kind, subject }: Pick<Tried, 'kind' | 'subject'>,
): Promise<void> {
  await database.delete(tries).where(and(eq(tries.kind, kind), eq(tries.subject, subject)));
}

/** Takes a try back that turned out to be none, with the pause that it brought. */
export async function takeTryBack(
  database: Database,
  { kind, subject }: Pick<Tried, 'kind' | 'subject'>,
): Promise<void> {
  await database
    .update(tries)
    .set({ count: sql`GREATEST(0, ${tries.count} - 1)`, nextAt: sql`UTC_TIMESTAMP(3)` })
    .where(and(eq(tries.kind, kind), eq(tries.subject, subject)));
}

/** Drops what nobody needs to remember any more. */
export async function sweepTries(database: Database): Promise<void> {
  const before = sql`UTC_TIMESTAMP(3) - INTERVAL ${forgottenAfter} SECOND`;
  await database.delete(tries).where(lt(tries.lastAt, before));
}
