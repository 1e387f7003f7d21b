import type { Database, Queries } from './connection';
import { isConflict } from './pool';

/** How often a transaction is begun, the first time among them. */
const mostTries = 3;

/**
 * Does work in a transaction, all of it or nothing. One that ends in a deadlock, or in a conflict with
 * what another node of a cluster has written, is begun anew: what the work does beside its statements
 * has to bear being done again.
 * @param work may be done more than once
 * @throws what the work throws; the conflict, when it comes up each time
 */
export async function inTransaction<Result>(
  database: Database,
  work: (queries: Queries) => Promise<Result>,
): Promise<Result> {
  for (let tried = 1; ; tried += 1) {
    try {
      return await once(database, work);
    } catch (error) {
      if (tried === mostTries || !isConflict(error)) throw error;
    }
  }
}

/** A failing rollback, as of a connection that is gone, does not hide why it came to that. */
async function once<Result>(
  database: Database,
  work: (queries: Queries) => Promise<Result>,
): Promise<Result> {
  let reason: { error: unknown } | null = null;
  try {
    return await database.transaction(async (queries) => {
      try {
        return await work(queries);
      } catch (error) {
        reason = { error };
        throw error;
      }
    });
  } catch (error) {
    throw reason ? (reason as { error: unknown }).error : error;
  }
}
