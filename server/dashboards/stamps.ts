import { sql } from 'drizzle-orm';
import type { RowDataPacket } from 'mysql2/promise';
import type { BoardStamp } from '../../contract';
import type { Queries } from '../database';

/** How many things of a dashboard there are, and how often they were changed, in one number. */
const weighed = (table: 'charts' | 'notes') =>
  sql.raw(
    `(SELECT COUNT(*) * 1000003 + COALESCE(SUM(own.revision), 0) FROM ${table} AS own
      WHERE own.dashboard_id = boards.id AND own.deleted_at IS NULL)`,
  );

/**
 * What dashboards stand at: one differs from the last when something on it was written, changed or
 * removed, in this process or another.
 */
export async function readStamps(
  queries: Queries,
  ids: readonly number[],
): Promise<Map<number, BoardStamp>> {
  const [rows] = await queries.execute(
    sql`SELECT boards.id, CONCAT(boards.revision, '.', ${weighed('charts')}) AS board,
        CONCAT(boards.last_note, '.', ${weighed('notes')}) AS notes
        FROM dashboards AS boards WHERE boards.id IN ${[...ids]}`,
  );
  return new Map(
    (rows as unknown as RowDataPacket[]).map(({ id, board, notes }) => [
      Number(id),
      { board: String(board), notes: String(notes) },
    ]),
  );
}
