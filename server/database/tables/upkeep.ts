import { mysqlTable, varchar, int, primaryKey } from 'drizzle-orm/mysql-core';
import { at } from './fields';

/** What somebody holds for a while, told by the clock of the database: it lapses unless renewed. */
export const leases = mysqlTable(
  'leases',
  {
    kind: varchar({ length: 20 }).notNull(),
    subject: varchar({ length: 60 }).notNull(),
    slot: int().notNull(),
    holder: varchar({ length: 36 }).notNull(),
    expiresAt: at('expires_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kind, table.subject, table.slot] })],
);

/** What of the demo has been filled in, so that it is filled in once. */
export const demoSteps = mysqlTable('demo_steps', { name: varchar({ length: 60 }).primaryKey() });
