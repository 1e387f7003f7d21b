import type { Connection } from 'mysql2/promise';
import type { Understanding } from '../../contract';
import { formatDay } from '../../core/calendar';
import type { CellValue } from '../../core/table';
import type { StoredColumn } from '../database';

/** The table that holds the rows of one source version. */
export const factsTable = (versionId: number) => `facts_${versionId}`;

/** The column of a facts table that holds the cells of the source's column at a place. */
export const factsColumn = (place: number) => `c${place}`;

/** From this many digits on, figures are kept as binary fractions. */
const decimalLimit = { decimals: 12, largest: 1e15 };

/** How the columns of an understood file are kept. */
export function storedColumns({
  columns,
  found,
}: Pick<Understanding, 'columns' | 'found'>): StoredColumn[] {
  return (columns ?? []).map(({ name, kind, datePattern }, place) => ({
    ...{ name, kind, datePattern },
    decimals: found[place]?.decimals ?? 0,
    words: found[place]?.words ?? 0,
  }));
}

/** Makes the facts table of a version, one typed column for each column of the source. */
export async function makeFactsTable(
  connection: Connection,
  versionId: number,
  understanding: Pick<Understanding, 'columns' | 'found'>,
) {
  const types = storedColumns(understanding).map(({ kind, decimals }, place) => {
    const largest = understanding.found[place]?.largest ?? 0;
    const exact = decimals <= decimalLimit.decimals && largest < decimalLimit.largest;
    const number = exact ? `DECIMAL(${15 + decimals}, ${decimals})` : 'DOUBLE';
    return `${factsColumn(place)} ${{ date: 'DATE', number, text: 'VARCHAR(500)' }[kind]}`;
  });
  await connection.query(
    `CREATE TABLE ${factsTable(versionId)} (\`row\` INT PRIMARY KEY, ${types.join(', ')}) ROW_FORMAT=DYNAMIC`,
  );
}

export async function dropFactsTable(connection: Pick<Connection, 'query'>, versionId: number) {
  await connection.query(`DROP TABLE IF EXISTS ${factsTable(versionId)}`);
}

/** Turns read cells into what the facts table takes; days are written as dates. */
export function factsRow(
  row: number,
  values: readonly CellValue[],
  columns: readonly StoredColumn[],
) {
  return [
    row,
    ...values.map((value, place) =>
      typeof value === 'number' && columns[place]?.kind === 'date' ? writtenDay(value) : value,
    ),
  ];
}

const written = new Map<number, string>();

/** Files repeat their days; each is written once. */
function writtenDay(day: number): string {
  let text = written.get(day);
  if (text === undefined) {
    text = formatDay(day);
    written.set(day, text);
  }
  return text;
}
