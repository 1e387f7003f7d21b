import { sql } from 'drizzle-orm';
import type { Queries } from '../database';
import { onlyRow } from './requireRoom';

/** What the files of a person take, and the rows of all versions of their sources, in bytes. */
export async function bytesOfPerson(
  queries: Queries,
  personId: number,
): Promise<{ all: number; living: number }> {
  const [found] = await queries.execute(sql`
    SELECT COALESCE(SUM(bytes), 0) AS whole, COALESCE(SUM(IF(gone, 0, bytes)), 0) AS living FROM (
      SELECT COALESCE(uploads.kept, uploads.bytes) AS bytes, EXISTS (
        SELECT 1 FROM source_versions JOIN sources ON sources.id = source_versions.source_id
        WHERE source_versions.upload_id = uploads.id AND sources.deleted_at IS NOT NULL) AS gone
      FROM uploads WHERE uploads.owner_id = ${personId}
      UNION ALL
      SELECT version_parts.bytes, sources.deleted_at IS NOT NULL
      FROM sources JOIN source_versions ON source_versions.source_id = sources.id
      JOIN version_parts ON version_parts.version_id = source_versions.id
      WHERE sources.owner_id = ${personId}) AS kept`);
  const { whole, living } = onlyRow(found as unknown as { whole: string; living: string }[]);
  return { all: Number(whole), living: Number(living) };
}
