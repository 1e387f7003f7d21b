import { eq, sql } from 'drizzle-orm';
import { type Queries, tables } from '../database';

const { dashboards, notes } = tables;

/** A note to be kept: everything but its number and its dashboard. */
type NewNote = Omit<typeof notes.$inferInsert, 'id' | 'number' | 'dashboardId'>;

/**
 * Keeps notes under the next numbers of their dashboard; within a transaction.
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
