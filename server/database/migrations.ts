import { setTimeout as wait } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { sql } from 'drizzle-orm';
import { migrate } from 'drizzle-orm/mysql2/migrator';
import type { Database } from './connection';
import { type Lease, takeLease } from './leases';

const folder = fileURLToPath(new URL('../../server/database/migrations', import.meta.url));

/** How long a server waits for another one that migrates. */
const patienceSeconds = 120;

/**
 * Brings the tables up to date. Every statement of a migration can run twice (IF NOT EXISTS), since
 * MariaDB commits each by itself and a killed run leaves a migration half done.
 */
export async function migrateDatabase(database: Database): Promise<void> {
  // The table by which servers take turns comes before the first migration.
  await database.execute(sql`CREATE TABLE IF NOT EXISTS leases (
    kind varchar(20) NOT NULL, subject varchar(60) NOT NULL, slot int NOT NULL,
    holder varchar(36) NOT NULL, expires_at datetime(3) NOT NULL,
    CONSTRAINT leases_kind_subject_slot_pk PRIMARY KEY (kind, subject, slot))`);
  const turn = await takeTurn(database);
  try {
    await migrate(database, { migrationsFolder: folder });
  } finally {
    await turn.release();
  }
}

async function takeTurn(database: Database): Promise<Lease> {
  for (let waited = 0; waited < patienceSeconds; waited += 1) {
    const lease = await takeLease(database, { kind: 'migration', subject: 'all' });
    if (lease) return lease;
    await wait(1000);
  }
  throw new Error('Another server has been bringing the tables up to date for too long.');
}
