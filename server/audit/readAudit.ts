import { and, desc, eq, gte, lt } from 'drizzle-orm';
import type { Audit, AuditQuestion } from '../../contract';
import { type Database, tables } from '../database';

const { audit } = tables;

/** Entries that are read at once. */
const mostAtOnce = 100;
const day = 24 * 3600_000;

/** What was done, the latest first, of whoever, whatever and whenever is asked for. */
export async function readAudit(
  database: Database,
  { email, thing, act, from, until, before }: AuditQuestion,
): Promise<Audit> {
  const rows = await database
    .select()
    .from(audit)
    .where(
      and(
        email ? eq(audit.email, email) : undefined,
        thing ? eq(audit.thing, thing) : undefined,
        act ? eq(audit.act, act) : undefined,
        from ? gte(audit.at, new Date(from)) : undefined,
        until ? lt(audit.at, new Date(Date.parse(until) + day)) : undefined,
        before ? lt(audit.id, before) : undefined,
      ),
    )
    .orderBy(desc(audit.id))
    .limit(mostAtOnce + 1);
  const shown = rows.slice(0, mostAtOnce);
  return {
    entries: shown.map(
      ({ id, at, act: done, outcome, email: by, thing: what, about, address }) => ({
        id,
        at: at.toISOString(),
        act: done,
        outcome,
        email: by,
        thing: what,
        about,
        address,
      }),
    ),
    next: rows.length > mostAtOnce ? (shown.at(-1)?.id ?? null) : null,
  };
}
