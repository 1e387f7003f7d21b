import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2';
import { createPool, type Pool } from 'mysql2/promise';
import * as tables from './tables';

export type Database = MySql2Database<typeof tables> & { $client: Pool };

/** What can run a statement: the database, or a transaction in it. */
export type Queries = Pick<Database, 'select' | 'insert' | 'update' | 'delete' | 'execute'>;

/** Opens a pool of connections to the database that DATABASE_URL names. */
export function openDatabase(connections = 8): Database {
  const uri = process.env.DATABASE_URL;
  if (!uri) throw new Error('DATABASE_URL is not set. Start with: npm start');
  const pool = createPool({ uri, connectionLimit: connections, timezone: 'Z', jsonStrings: true });
  return drizzle(pool, { schema: tables, mode: 'default' });
}
