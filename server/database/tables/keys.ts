import { boolean, index, int, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { Act, outcomes } from '../../../contract';
import { at, id, json } from './fields';

/** What stands in a mail, or is kept until its key is used. */
export type MailDetails = Record<string, string>;

/** Keys that were mailed, each good for one use; the token itself is only in the mail. */
export const mailedKeys = mysqlTable(
  'mailed_keys',
  {
    tokenHash: varchar('token_hash', { length: 64 }).primaryKey(),
    kind: varchar({ length: 20 })
      .$type<'reset' | 'old-address' | 'new-address' | 'sign-up' | 'invitation'>()
      .notNull(),
    /** null while there is no account */
    personId: int('person_id'),
    /** whom it was mailed to */
    email: varchar({ length: 200 }).notNull(),
    details: json<MailDetails>('details').notNull(),
    changedAt: at('changed_at').notNull(),
    expiresAt: at('expires_at').notNull(),
    usedAt: at('used_at'),
  },
  (table) => [
    index('mailed_keys_by_person').on(table.personId),
    index('mailed_keys_by_time').on(table.expiresAt),
  ],
);

/** Mails that wait to be sent: what they say is put together, with its key, when they are. */
export const mails = mysqlTable(
  'mails',
  {
    id: id(),
    letter: varchar({ length: 20 }).notNull(),
    email: varchar({ length: 200 }).notNull(),
    personId: int('person_id'),
    details: json<MailDetails>('details').notNull(),
    tries: int().notNull().default(0),
    nextAt: at('next_at').notNull(),
  },
  (table) => [index('mails_by_time').on(table.nextAt)],
);

/** What shows codes for somebody; the code of a step is good once. */
export const secondFactors = mysqlTable('second_factors', {
  personId: int('person_id').primaryKey(),
  secret: varchar({ length: 64 }).notNull(),
  /** whether a code of it has been shown to be right: before that it is asked for by nothing */
  confirmed: boolean().notNull().default(false),
  /** the step of the last code that was used, in half minutes since 1970 */
  lastStep: int('last_step').notNull().default(0),
});

/** Codes for whoever has lost what shows them, each good once. */
export const recoveryCodes = mysqlTable(
  'recovery_codes',
  {
    personId: int('person_id').notNull(),
    codeHash: varchar('code_hash', { length: 64 }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.personId, table.codeHash] })],
);

/** What was done by whom. */
export const audit = mysqlTable(
  'audit',
  {
    id: id(),
    at: at('at').notNull(),
    act: varchar({ length: 30 }).$type<Act>().notNull(),
    outcome: varchar({ length: 10 }).$type<(typeof outcomes)[number]>().notNull(),
    personId: int('person_id'),
    /** by what address they went then */
    email: varchar({ length: 200 }).notNull(),
    /** what it was done to, as in "dashboard 12" */
    thing: varchar({ length: 60 }),
    /** what else is told of it */
    about: varchar({ length: 250 }),
    /** where the request came from */
    address: varchar({ length: 60 }).notNull(),
  },
  (table) => [
    index('audit_by_time').on(table.at),
    index('audit_by_email').on(table.email, table.at),
    index('audit_by_thing').on(table.thing, table.at),
  ],
);
