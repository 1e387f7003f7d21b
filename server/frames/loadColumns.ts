import { type Column, dateColumn, numberColumn, textColumn } from '../../core/table';
import type { RawColumn } from '../columns';
import type { Database, StoredColumn } from '../database';
import { readColumns } from '../sources';
import type { VersionColumns } from './versionColumns';

/** Reads columns of a version into memory, all in one walk over its rows. */
export async function loadColumns(
  database: Database,
  version: VersionColumns,
  places: readonly number[],
): Promise<Column[]> {
  const raw = await readColumns(database, version, places);
  return raw.map((column, at) =>
    asColumn(column, version.columns[places[at] as number] as StoredColumn),
  );
}

function asColumn(raw: RawColumn, { name, decimals, datePattern }: StoredColumn): Column {
  if (raw.kind === 'date') return dateColumn(name, raw.days, datePattern);
  if (raw.kind === 'number') return numberColumn(name, raw.values, decimals);
  return textColumn(name, raw.codes, raw.words);
}
