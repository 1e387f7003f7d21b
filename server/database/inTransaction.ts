import type { Database, Queries } from './connection';
import { isConnectionLost } from './failures';
import { whileMet } from './whileMet';

/**
 * Does work in a transaction, all of it or nothing. One that ends in a deadlock, or in a conflict with
 * what another node of a cluster has written, is begun anew; and once more one whose connection was
 * lost before it was to be kept. What the work does beside its statements has to bear being done again.
 * @param work may be done more than once
 * @throws what the work throws; the conflict, when it comes up each time
 */
export async function inTransaction<Result>(
  database: Database,
  work: (queries: Queries) => Promise<Result>,
): Promise<Result> {
  let lost = 0;
  const kept = async (): Promise<Result> => {
    try {
      return await once(database, work);
    } catch (error) {
      if (!(error instanceof NotKept)) throw error;
      if (lost > 0 || !isConnectionLost(error.cause)) throw error.cause;
      lost += 1;
      return kept();
    }
  };
  return whileMet(kept);
}

/** What ended a transaction before it was to be kept: nothing of it stands. */
class NotKept extends Error {}

/** A failing rollback, as of a connection that is gone, does not hide why it came to that. */
async function once<Result>(
  database: Database,
  work: (queries: Queries) => Promise<Result>,
): Promise<Result> {
  let done = false;
  let reason: { error: unknown } | null = null;
  try {
    return await database.transaction(async (queries) => {
      try {
        const result = await work(queries);
        done = true;
        return result;
      } catch (error) {
        reason = { error };
        throw error;
      }
    });
  } catch (error) {
    // Whether what was to be kept stands, nobody knows who has lost the connection over it.
    if (done) throw error;
    const cause = reason ? (reason as { error: unknown }).error : error;
    throw new NotKept('The transaction was taken back.', { cause });
  }
}
