import { fileColumn } from '../../columns';
import type { Database } from '../../database';
import { type EngineRow, type EngineValue, engines, relationOf } from '../../engine';
import { filesOf } from '../../sources';
import { columnNamed, type VersionColumns } from '../versionColumns';

/** A version whose rows are asked of the engine. */
export interface LargeVersion {
  version: VersionColumns;
  /** its rows, as a relation of a statement */
  rows: string;
  ask(sql: string, values: readonly EngineValue[]): Promise<EngineRow[]>;
}

/** Opens a version for the engine. */
export async function openLarge(
  database: Database,
  version: VersionColumns,
): Promise<LargeVersion> {
  const files = await filesOf(database, version);
  return {
    version,
    rows: relationOf(files),
    ask: (sql, values) => engines.run({ kind: 'ask', sql, values }),
  };
}

/** The name in a statement of a column; "*" for rows. */
export const expressionOf = (version: VersionColumns, name: string | null): string =>
  name === null ? '*' : fileColumn(columnNamed(version, name).place);

/** A day of a statement as the number of days since 1970. */
export const dayNumber = (date: string) => `CAST(${date} - DATE '1970-01-01' AS INTEGER)`;
