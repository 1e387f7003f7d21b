import { LRUCache } from 'lru-cache';
import { fileColumn } from '../../columns';
import type { Database } from '../../database';
import { type EngineRow, type EngineValue, engines, FileGone, relationOf } from '../../engine';
import { filesOf } from '../../sources';
import { columnNamed, type VersionColumns } from '../versionColumns';

/** A version whose rows are asked of the engine. */
export interface LargeVersion {
  version: VersionColumns;
  /** its rows, as a relation of a statement */
  rows: string;
  ask(sql: string, values: readonly EngineValue[]): Promise<EngineRow[]>;
  /** asks what holds for the version whatever is drawn of it, which is kept at hand */
  askOnce(sql: string): Promise<EngineRow[]>;
}

/** What was asked of versions once, by its statement, which names their files; so many cells are kept. */
const askedOnce = new LRUCache<string, EngineRow[]>({
  maxSize: 500_000,
  sizeCalculation: (rows) => 1 + rows.length * (rows[0]?.length ?? 0),
});

/** Opens a version for the engine. */
export async function openLarge(
  database: Database,
  version: VersionColumns,
): Promise<LargeVersion> {
  const files = await filesOf(database, version);
  const ask: LargeVersion['ask'] = async (sql, values) => {
    try {
      return await engines.run({ kind: 'ask', sql, values });
    } catch (error) {
      if (!(error instanceof FileGone)) throw error;
      // The folder is bounded, and may be cleared by anybody: it is brought there again.
      await filesOf(database, version);
      return engines.run({ kind: 'ask', sql, values });
    }
  };
  return {
    version,
    rows: relationOf(files),
    ask,
    askOnce: async (sql) => {
      const rows = askedOnce.get(sql) ?? (await ask(sql, []));
      askedOnce.set(sql, rows);
      return rows;
    },
  };
}

/** The name in a statement of a column; "*" for rows. */
export const expressionOf = (version: VersionColumns, name: string | null): string =>
  name === null ? '*' : fileColumn(columnNamed(version, name).place);
