import { columnsCompared, type Comparison, rowTest } from '../../core/frame';
import { type Column, missingDay, type Table } from '../../core/table';
import { cellAt, fileColumn, rowColumn } from '../columns';
import type { Database } from '../database';
import { askedCell, isLarge, readColumns, rowAsText } from '../sources';
import { loadColumns } from './loadColumns';
import { conditionOf } from './large/conditions';
import { openLarge } from './large/largeVersion';
import { columnNamed, type VersionColumns } from './versionColumns';

/** Rows that are looked for. */
export interface RowsAsked {
  where: Comparison;
  /** the column by which they are ordered, then by their numbers */
  orderBy: string;
  /** more than these are counted, not listed */
  most: number;
}

export interface RowsFound {
  total: number;
  /** as text; null where a cell is blank */
  rows: (string | null)[][];
}

/** Finds the rows of a version for which a comparison holds. */
export const rowsOf = (
  database: Database,
  version: VersionColumns,
  asked: RowsAsked,
): Promise<RowsFound> =>
  isLarge(version) ? rowsByEngine(database, version, asked) : rowsHere(database, version, asked);

async function rowsHere(
  database: Database,
  version: VersionColumns,
  { where, orderBy, most }: RowsAsked,
): Promise<RowsFound> {
  const names = new Set([...columnsCompared(where), orderBy]);
  const places = version.columns.flatMap(({ name }, place) => (names.has(name) ? [place] : []));
  const table: Table = {
    rows: version.rows,
    columns: await loadColumns(database, version, places),
  };
  const test = rowTest(table, where);
  const found = Array.from({ length: version.rows }, (_, row) => row).filter(test);
  const size = sizeBy(table.columns.find(({ name }) => name === orderBy));
  const listed = found.sort((a, b) => size(a) - size(b) || a - b).slice(0, most);
  const all = await readColumns(
    database,
    version,
    version.columns.map((_, place) => place),
  );
  return {
    total: found.length,
    rows: listed.map((row) =>
      rowAsText(
        all.map((column) => cellAt(column, row)),
        version.columns,
      ),
    ),
  };
}

/** By what rows are ordered: days and figures by size, words as they come. */
function sizeBy(column: Column | undefined): (row: number) => number {
  if (!column) return () => 0;
  if (column.kind === 'date') return (row) => column.days[row] ?? missingDay;
  return column.kind === 'number'
    ? (row) => column.values[row] ?? 0
    : (row) => column.codes[row] ?? 0;
}

async function rowsByEngine(
  database: Database,
  version: VersionColumns,
  { where, orderBy, most }: RowsAsked,
): Promise<RowsFound> {
  const { rows, ask } = await openLarge(database, version);
  const { text, values } = conditionOf(version, where);
  const [counted] = await ask(`SELECT COUNT(*) FROM ${rows} WHERE ${text}`, values);
  const list = version.columns.map(({ kind }, place) => askedCell({ kind }, fileColumn(place)));
  const order = fileColumn(columnNamed(version, orderBy).place);
  const found = await ask(
    `SELECT ${list.join(', ')} FROM ${rows} WHERE ${text} ORDER BY ${order}, ${rowColumn} LIMIT ${most}`,
    values,
  );
  return {
    total: Number(counted?.[0] ?? 0),
    rows: found.map((cells) => rowAsText(cells, version.columns)),
  };
}
