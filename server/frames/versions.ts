import { and, eq, inArray, isNull } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import { parseDay } from '../../core/calendar';
import { askTogether, type Database, tables } from '../database';
import type { VersionColumns } from './versionColumns';

const { sources, sourceVersions } = tables;

/** The version that a source stands on; null when it is gone. Asked of the database every time. */
export const standingVersion = askTogether(
  async (database: Database, sourceIds: readonly number[]) => {
    const rows = await database
      .select({ id: sources.id, versionId: sources.versionId })
      .from(sources)
      .where(and(inArray(sources.id, [...new Set(sourceIds)]), isNull(sources.deletedAt)));
    const found = new Map(rows.map(({ id, versionId }) => [id, versionId]));
    return sourceIds.map((id) => found.get(id) ?? null);
  },
);

/** What a version holds never changes, so it is read once. */
const known = new LRUCache<number, VersionColumns>({ max: 500 });

/** The columns of a version; null when it was dropped. */
export async function versionColumns(
  database: Database,
  versionId: number,
): Promise<VersionColumns | null> {
  const held = known.get(versionId);
  if (held) return held;
  const [row] = await database
    .select({
      rows: sourceVersions.rows,
      columns: sourceVersions.columns,
      pieces: sourceVersions.pieces,
      form: sourceVersions.form,
    })
    .from(sourceVersions)
    .where(eq(sourceVersions.id, versionId));
  if (!row) return null;
  const { rows, columns, form, pieces } = row;
  const completeTo = parseDay(form.completeTo ?? '');
  const found = { versionId, rows, columns, pieces: pieces ?? [], completeTo };
  known.set(versionId, found);
  return found;
}
