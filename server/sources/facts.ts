import type { Connection } from 'mysql2/promise';
import type { ColumnKind, ColumnUnderstanding, Profile } from '../../core/table';
import type { StoredColumn } from '../database';

/** The table that holds the rows of one source version. */
export const factsTable = (versionId: number) => `facts_${versionId}`;

/** The table that holds the words of its text columns, each with its code. */
export const wordsTable = (versionId: number) => `words_${versionId}`;

/**
 * The column of a facts table that holds the cells of the source's column at a place.
 * @param place of the column in its version, from 0
 */
export const factsColumn = (place: number) => `c${place}`;

/** From so many digits on, figures are kept as binary fractions. */
const mostDecimals = 12;

/** How the columns of a table are kept, with what its rows hold in each. */
export function storedColumns(
  columns: readonly ColumnUnderstanding[],
  found: readonly Profile[],
): StoredColumn[] {
  return columns.map((column, place) => ({
    ...column,
    decimals: found[place]?.decimals ?? 0,
    words: found[place]?.distinct ?? 0,
    ...(column.kind === 'text' && { coded: true }),
  }));
}

/** A column that is to be made: what its cells need room for. */
export interface ColumnRoom extends Pick<Profile, 'decimals' | 'largest'> {
  kind: ColumnKind;
  /** no row has anything in it */
  empty: boolean;
}

/**
 * Makes the tables of a version: one typed column for each column of the source, no wider than what
 * was found in it, so that as many columns fit into a row as may be brought in.
 */
export async function makeFactsTable(
  connection: Pick<Connection, 'query'>,
  versionId: number,
  rooms: readonly ColumnRoom[],
) {
  const columns = rooms.map((room, place) => `${factsColumn(place)} ${columnType(room)}`);
  await connection.query(
    `CREATE TABLE ${factsTable(versionId)} (\`row\` INT PRIMARY KEY, ${columns.join(', ')}) ROW_FORMAT=DYNAMIC`,
  );
  await connection.query(
    `CREATE TABLE ${wordsTable(versionId)} (place SMALLINT, code INT, word VARCHAR(500) NOT NULL, PRIMARY KEY (place, code))`,
  );
}

function columnType({ kind, empty, largest, decimals }: ColumnRoom): string {
  if (empty) return 'TINYINT';
  if (kind === 'date') return 'DATE';
  if (kind === 'text') return 'INT';
  const digits = String(Math.trunc(largest)).length;
  return decimals <= mostDecimals ? `DECIMAL(${digits + decimals}, ${decimals})` : 'DOUBLE';
}

export async function dropFactsTable(connection: Pick<Connection, 'query'>, versionId: number) {
  // Whoever still writes to it is waited for, but not for ever: the next sweep comes.
  await connection.query(
    `SET STATEMENT lock_wait_timeout=5 FOR DROP TABLE IF EXISTS ${factsTable(versionId)}, ${wordsTable(versionId)}`,
  );
}
