import { randomUUID } from 'node:crypto';
import { and, type Column, eq, type SQL, sql } from 'drizzle-orm';
import { settings } from '../settings';
import type { Database } from './connection';
import { leases } from './tables';

/** Something held for a while; it lapses by itself when whoever holds it is gone. */
export interface Lease {
  /** fires when the lease was lost, because it could not be renewed in time */
  lost: AbortSignal;
  /** gives it back; one that cannot be given back lapses by itself */
  release(): Promise<void>;
  /** renews it no longer, and asks nothing of a database that is away */
  letLapse(): void;
}

/** What is leased: so many of a kind for one subject. */
export interface Leased {
  kind: 'upload' | 'reading' | 'bring-in' | 'file' | 'file-read' | 'version' | 'migration';
  /** whose share it is, or which single thing is held */
  subject: string | number;
  /** how many may be held at once */
  most?: number;
}

/**
 * Takes a lease, and renews it until it is released. A row is one place of a share; who finds it
 * lapsed takes it in one statement, by the clock of the database, so that servers need to agree on
 * nothing else.
 * @param leased what kind of thing, which, and how many may hold one at a time
 * @returns null when all are held
 */
export async function takeLease(
  database: Database,
  { kind, subject, most = 1 }: Leased,
): Promise<Lease | null> {
  const holder = randomUUID();
  for (let slot = 0; slot < most; slot += 1) {
    const place = { kind, subject: String(subject), slot };
    if (await claim(database, place, holder)) return hold(database, place, holder);
  }
  return null;
}

/**
 * Ends whatever lease there is on a thing, for whoever knows that its holder is gone.
 * @param leased what kind of thing and which
 */
export async function endLease(
  database: Database,
  { kind, subject }: Omit<Leased, 'most'>,
): Promise<void> {
  const held = and(eq(leases.kind, kind), eq(leases.subject, String(subject)));
  await database.delete(leases).where(held);
}

/**
 * Whether nobody holds something of a kind; as a condition of a statement about what is held.
 * @param subject the column that says which thing a row is
 */
export const heldByNobody = (kinds: readonly Leased['kind'][], subject: Column): SQL =>
  sql`NOT EXISTS (SELECT 1 FROM ${leases} WHERE ${leases.kind} IN ${[...kinds]}
    AND ${leases.subject} = ${subject} AND ${leases.expiresAt} > UTC_TIMESTAMP(3))`;

/** Drops the rows of leases that lapsed long ago. */
export async function sweepLeases(database: Database): Promise<void> {
  await database
    .delete(leases)
    .where(sql`${leases.expiresAt} < UTC_TIMESTAMP(3) - INTERVAL 1 HOUR`);
}

type Place = Pick<typeof leases.$inferSelect, 'kind' | 'subject' | 'slot'>;

const now = sql`UTC_TIMESTAMP(3)`;
const later = sql`UTC_TIMESTAMP(3) + INTERVAL ${sql.raw(String(settings.leaseSeconds))} SECOND`;

async function claim(database: Database, { kind, subject, slot }: Place, holder: string) {
  const [rows] = await database.execute(sql`
    INSERT INTO ${leases} (kind, subject, slot, holder, expires_at)
    VALUES (${kind}, ${subject}, ${slot}, ${holder}, ${later})
    ON DUPLICATE KEY UPDATE
      holder = IF(expires_at <= ${now}, VALUES(holder), holder),
      expires_at = IF(holder = VALUES(holder), VALUES(expires_at), expires_at)
    RETURNING holder`);
  // A statement that was tried anew gives a row for each try: only the last one stands.
  return (rows as unknown as { holder: string }[]).at(-1)?.holder === holder;
}

function hold(database: Database, { kind, subject, slot }: Place, holder: string): Lease {
  const own = and(
    eq(leases.kind, kind),
    eq(leases.subject, subject),
    eq(leases.slot, slot),
    eq(leases.holder, holder),
  );
  const lost = new AbortController();
  let renewed = Date.now();
  const renew = async () => {
    try {
      const [{ affectedRows }] = await database.update(leases).set({ expiresAt: later }).where(own);
      if (affectedRows === 0) lost.abort();
      renewed = Date.now();
    } catch {
      if (Date.now() - renewed > settings.leaseSeconds * 1000) lost.abort();
    }
  };
  const renewing = setInterval(() => void renew(), (settings.leaseSeconds * 1000) / 3);
  renewing.unref();
  const letLapse = () => clearInterval(renewing);
  return {
    lost: lost.signal,
    letLapse,
    release: async () => {
      letLapse();
      await database
        .delete(leases)
        .where(own)
        .catch((error: unknown) => console.error(`the lease of a ${kind} lapses:`, error));
    },
  };
}
