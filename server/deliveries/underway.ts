import { and, desc, eq, inArray, lt, ne, or, sql } from 'drizzle-orm';
import type { DeliveryState, Person, Underway, Upload } from '../../contract';
import { type Database, heldByNobody, tables } from '../database';

const { deliveries } = tables;

/** For so many hours it is told what became of bringing a file in. */
const toldHours = 48;
const mostListed = 20;
const longestSentence = 600;

/** Writes down that a file is being brought in. @returns the number of the delivery */
export async function beginDelivery(
  database: Database,
  person: Person,
  { id: uploadId, fileName }: Upload,
  sourceId: number | null,
): Promise<number> {
  const now = new Date();
  const [{ insertId }] = await database.insert(deliveries).values({
    personId: person.id,
    uploadId,
    fileName,
    sourceId,
    state: 'running',
    share: 0,
    rows: 0,
    begunAt: now,
    changedAt: now,
  });
  return insertId;
}

/** Writes down how far it is. @returns whether somebody wants it to be stopped */
export async function noteProgress(
  database: Database,
  id: number,
  progress: { share: number; rows: number },
): Promise<boolean> {
  const own = eq(deliveries.id, id);
  await database
    .update(deliveries)
    .set({ ...progress, changedAt: new Date() })
    .where(own);
  const [row] = await database.select({ stop: deliveries.stop }).from(deliveries).where(own);
  return row?.stop ?? true;
}

/** How a delivery ended, into which source, or why not. */
export interface DeliveryEnd {
  state: DeliveryState;
  sourceId?: number;
  sentence?: string;
}

/** Writes down how it ended. */
export async function endDelivery(database: Database, id: number, end: DeliveryEnd): Promise<void> {
  const sentence = end.sentence?.slice(0, longestSentence) ?? null;
  await database
    .update(deliveries)
    .set({ ...end, sentence, changedAt: new Date() })
    .where(eq(deliveries.id, id));
}

/** Asks whoever works on it, in whatever server, to stop bringing a file of a person in. */
export async function stopDelivery(
  database: Database,
  person: Person,
  uploadId: string,
): Promise<void> {
  const own = and(eq(deliveries.personId, person.id), eq(deliveries.uploadId, uploadId));
  await database
    .update(deliveries)
    .set({ stop: true })
    .where(and(own, eq(deliveries.state, 'running')));
}

const cutOff =
  'The server ended while it was being brought in. Nothing was changed; bring it in again.';

/** What becomes of the files that a person brings in: those under way, and how the latest ended. */
export async function listUnderway(database: Database, person: Person): Promise<Underway[]> {
  const rows = await database
    .select({
      delivery: deliveries,
      held: sql<number>`NOT ${heldByNobody(['file'], deliveries.uploadId)}`,
    })
    .from(deliveries)
    .where(eq(deliveries.personId, person.id))
    .orderBy(desc(deliveries.id))
    .limit(mostListed);
  return rows.map(({ delivery, held }) => {
    const { id, fileName, sourceId, uploadId, share, rows: count, changedAt } = delivery;
    const lost = delivery.state === 'running' && !held;
    return {
      id,
      fileName,
      sourceId,
      uploadId,
      share,
      rows: count,
      state: lost ? ('failed' as const) : delivery.state,
      sentence: lost ? cutOff : delivery.sentence,
      changedAt: changedAt.toISOString(),
    };
  });
}

/** Puts the word on a delivery away that has ended, or that was cut off; one under way stays. */
export async function putAway(database: Database, person: Person, id: number): Promise<void> {
  const own = and(eq(deliveries.personId, person.id), eq(deliveries.id, id));
  const over = or(ne(deliveries.state, 'running'), heldByNobody(['file'], deliveries.uploadId));
  await database.delete(deliveries).where(and(own, over));
}

/** Forgets a delivery, once somebody knows how it ended. */
export async function forgetDelivery(
  database: Database,
  person: Person,
  id: number,
): Promise<void> {
  await database
    .delete(deliveries)
    .where(and(eq(deliveries.personId, person.id), eq(deliveries.id, id)));
}

/** Forgets what nobody needs to be told any more. */
export async function sweepDeliveries(database: Database): Promise<void> {
  const before = sql`UTC_TIMESTAMP(3) - INTERVAL ${toldHours} HOUR`;
  await database
    .delete(deliveries)
    .where(
      and(
        lt(deliveries.changedAt, before),
        or(
          inArray(deliveries.state, ['done', 'failed', 'stopped']),
          heldByNobody(['file'], deliveries.uploadId),
        ),
      ),
    );
}
