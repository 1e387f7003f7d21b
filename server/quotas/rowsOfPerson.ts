import { eq, sql } from 'drizzle-orm';
import { type Queries, tables } from '../database';
import { onlyRow } from './requireRoom';

/** The rows of all versions of a person's sources. */
export async function rowsOfPerson(
  queries: Queries,
  personId: number,
): Promise<{ all: number; living: number }> {
  const { sources, sourceVersions } = tables;
  const found = await queries
    .select({
      all: sql`COALESCE(SUM(${sourceVersions.rows}), 0)`.mapWith(Number),
      living:
        sql`COALESCE(SUM(IF(${sources.deletedAt} IS NULL, ${sourceVersions.rows}, 0)), 0)`.mapWith(
          Number,
        ),
    })
    .from(sources)
    .innerJoin(sourceVersions, eq(sourceVersions.sourceId, sources.id))
    .where(eq(sources.ownerId, personId));
  return onlyRow(found);
}
