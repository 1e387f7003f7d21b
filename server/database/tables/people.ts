import { mysqlTable, varchar, int, index, primaryKey, boolean } from 'drizzle-orm/mysql-core';
import { id, at } from './fields';

export const people = mysqlTable('people', {
  id: id(),
  email: varchar({ length: 200 }).notNull().unique(),
  name: varchar({ length: 80 }).notNull(),
  passwordHash: varchar('password_hash', { length: 200 }).notNull(),
  createdAt: at('created_at').notNull(),
});

/** The token itself is only in the cookie; here is its hash. */
export const sessions = mysqlTable(
  'sessions',
  {
    tokenHash: varchar('token_hash', { length: 64 }).primaryKey(),
    personId: int('person_id').notNull(),
    createdAt: at('created_at').notNull(),
    /** not of every request: kept anew after some minutes */
    lastUsedAt: at('last_used_at').notNull(),
    /** what it was begun with, in words */
    browser: varchar({ length: 80 }).notNull(),
    expiresAt: at('expires_at').notNull(),
  },
  (table) => [
    index('sessions_by_time').on(table.expiresAt),
    index('sessions_by_person').on(table.personId),
  ],
);

/** Addresses from which somebody has signed in: guesses made elsewhere do not shut them out. */
export const knownAddresses = mysqlTable(
  'known_addresses',
  {
    personId: int('person_id').notNull(),
    address: varchar({ length: 60 }).notNull(),
    lastAt: at('last_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.personId, table.address] })],
);

/** How often something that must not be done at will was tried: signing in, making an account. */
export const tries = mysqlTable(
  'tries',
  {
    kind: varchar({ length: 20 }).notNull(),
    /** who tries, and what for */
    subject: varchar({ length: 280 }).notNull(),
    count: int().notNull(),
    /** whether the latest try was let through */
    admitted: boolean().notNull(),
    nextAt: at('next_at').notNull(),
    lastAt: at('last_at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.kind, table.subject] }),
    index('tries_by_time').on(table.lastAt),
  ],
);
