import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2';
import type { Pool } from 'mysql2/promise';
import { settings } from '../settings';
import { openPool } from './pool';
import * as tables from './tables';

export type Database = MySql2Database<typeof tables> & { $client: Pool };

/** What can run a statement: the database, or a transaction in it. */
export type Queries = Pick<
  Database,
  'select' | 'insert' | 'update' | 'delete' | 'execute' | '$count'
>;

/**
 * Opens the database that DATABASE_URL names.
 * @param connections how many at most
 * @param seconds how long a statement, or the wait for a connection, may take
 */
export function openDatabase(
  connections = settings.databaseConnections,
  seconds = settings.databaseSeconds,
): Database {
  const uri = process.env.DATABASE_URL;
  if (!uri) throw new Error('DATABASE_URL is not set. Start with: npm start');
  return drizzle(openPool(uri, connections, seconds), { schema: tables, mode: 'default' });
}
