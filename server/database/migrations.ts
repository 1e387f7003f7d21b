import { fileURLToPath } from 'node:url';
import { migrate } from 'drizzle-orm/mysql2/migrator';
import type { Database } from './connection';

const folder = fileURLToPath(new URL('../../server/database/migrations', import.meta.url));

/**
 * Brings the tables up to date. Every statement of a migration can run twice (IF NOT EXISTS), since
 * MariaDB commits each by itself and a killed run leaves a migration half done.
 */
export async function migrateDatabase(database: Database): Promise<void> {
  // Two servers that start together take turns; the lock goes with its connection.
  const connection = await database.$client.getConnection();
  try {
    await connection.query("SELECT GET_LOCK('stand mark migrations', 60)");
    await migrate(database, { migrationsFolder: folder });
  } finally {
    connection.destroy();
  }
}
