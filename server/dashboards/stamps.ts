import { sql } from 'drizzle-orm';
import type { RowDataPacket } from 'mysql2/promise';
import type { BoardStamp } from '../../contract';
import type { Queries } from '../database';

/** How many things of a dashboard there are, and how often they were changed, in one number. */
const weighed = (table: 'charts' | 'notes', more = '') =>
  `(SELECT COUNT(*) * 1000003 + COALESCE(SUM(own.revision), 0) FROM ${table} AS own
    WHERE own.dashboard_id = boards.id AND own.deleted_at IS NULL ${more})`;

const laid = "own.place IS NOT NULL AND own.place <> 'null'";
const onLaid = `own.chart_id IN (SELECT own.id FROM charts AS own
  WHERE own.dashboard_id = boards.id AND own.deleted_at IS NULL AND ${laid})`;

/** Who asks: editors are told of charts that are not laid on the dashboard yet, readers are not. */
export type StampOf = 'editors' | 'readers';

/** By who asks: what of a dashboard its stamps weigh. Their numbers are hashed, and tell nothing. */
const stampOf: Record<StampOf, { board: string; notes: string }> = {
  editors: { board: weighed('charts'), notes: weighed('notes') },
  readers: { board: weighed('charts', `AND ${laid}`), notes: weighed('notes', `AND ${onLaid}`) },
};

/**
 * What dashboards stand at: one differs from the last when something on it was written, changed or
 * removed, in this process or another.
 * @param ids of dashboards
 * @param of whose view: editors see more changes than readers
 * @returns by number; one that is gone is missing
 */
export async function readStamps(
  queries: Queries,
  ids: readonly number[],
  of: StampOf,
): Promise<Map<number, BoardStamp>> {
  const { board, notes } = stampOf[of];
  const [rows] = await queries.execute(
    sql`SELECT boards.id, SHA1(CONCAT(boards.revision, '.', ${sql.raw(board)})) AS board,
        SHA1(CONCAT(boards.id, '.', ${sql.raw(notes)})) AS notes
        FROM dashboards AS boards WHERE boards.id IN ${[...ids]} AND boards.deleted_at IS NULL`,
  );
  return new Map(
    (rows as unknown as RowDataPacket[]).map(({ id, board: ofBoard, notes: ofNotes }) => [
      Number(id),
      { board: String(ofBoard), notes: String(ofNotes) },
    ]),
  );
}
