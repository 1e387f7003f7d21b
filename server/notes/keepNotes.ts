import { and, eq, type SQL, sql } from 'drizzle-orm';
import { type Queries, tables } from '../database';
import { countOf, onlyRow, requireRoom } from '../quotas';

const { dashboards, notes } = tables;

/** A note to be kept: everything but its number and its dashboard. */
type NewNote = Omit<typeof notes.$inferInsert, 'id' | 'number' | 'dashboardId'>;

/**
 * Keeps notes under the next numbers of their dashboard; within a transaction.
 * @param change the transaction that they belong to
 * @param written in the order of their numbers
 * @returns the id of the first, which the others follow
 */
export async function keepNotes(
  change: Queries,
  dashboardId: number,
  written: readonly NewNote[],
): Promise<number | null> {
  if (written.length === 0) return null;
  // The update holds the dashboard's row, so two notes never get one number.
  await change
    .update(dashboards)
    .set({ lastNote: sql`${dashboards.lastNote} + ${written.length}` })
    .where(eq(dashboards.id, dashboardId));
  await requireRoomForNotes(change, dashboardId, written[0]?.authorId ?? 0, written.length);
  const [row] = await change
    .select({ last: dashboards.lastNote })
    .from(dashboards)
    .where(eq(dashboards.id, dashboardId));
  const first = (row?.last ?? written.length) - written.length + 1;
  const [{ insertId }] = await change
    .insert(notes)
    .values(written.map((note, place) => ({ ...note, dashboardId, number: first + place })));
  return insertId;
}

/**
 * Makes sure that a dashboard, and one author on it, may have so many more notes; in a transaction.
 * @throws Refusal 422
 */
export async function requireRoomForNotes(
  change: Queries,
  dashboardId: number,
  authorId: number,
  adding: number,
): Promise<void> {
  const ofBoard = eq(notes.dashboardId, dashboardId);
  const count = (which: SQL | undefined) =>
    change.select(countOf(notes.deletedAt)).from(notes).where(which).then(onlyRow);
  requireRoom('notes', await count(ofBoard), adding);
  requireRoom('ownNotes', await count(and(ofBoard, eq(notes.authorId, authorId))), adding);
}
