import { and, eq, lt, sql } from 'drizzle-orm';
import { type Database, tables } from '../database';

const { knownAddresses } = tables;

/** An address from which nobody has signed in for so many days is a stranger's again. */
const rememberedDays = 90;

/** Whether somebody has signed in from an address before. */
export async function isKnownAddress(
  database: Database,
  personId: number,
  address: string,
): Promise<boolean> {
  const own = and(eq(knownAddresses.personId, personId), eq(knownAddresses.address, address));
  return (await database.select().from(knownAddresses).where(own)).length > 0;
}

/** Remembers where somebody has signed in. */
export async function rememberAddress(database: Database, personId: number, address: string) {
  const lastAt = new Date();
  await database
    .insert(knownAddresses)
    .values({ personId, address, lastAt })
    .onDuplicateKeyUpdate({ set: { lastAt } });
}

/** Forgets addresses that were not used for long. */
export async function sweepKnownAddresses(database: Database): Promise<void> {
  await database
    .delete(knownAddresses)
    .where(lt(knownAddresses.lastAt, sql`UTC_TIMESTAMP(3) - INTERVAL ${rememberedDays} DAY`));
}
