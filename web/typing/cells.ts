import Papa from 'papaparse';

/** A typed table: the first row names the columns. */
export type TypedCells = string[][];

/** An empty table to begin with. */
export const emptyCells = (rows = 14, columns = 4): TypedCells =>
  Array.from({ length: rows }, () => Array.from({ length: columns }, () => ''));

/** A table as it was typed, as a file: without the blank rows and columns at its end. */
export function fileOf(cells: TypedCells): File {
  const width = Math.max(0, ...cells.map((row) => row.findLastIndex((cell) => cell.trim()) + 1));
  const height = cells.findLastIndex((row) => row.some((cell) => cell.trim())) + 1;
  const kept = cells.slice(0, height).map((row) => row.slice(0, width));
  return new File([Papa.unparse(kept)], 'typed-table.csv', { type: 'text/csv' });
}

/** Cells of rows that a source has, ready to be corrected, with some blank rows beneath. */
export function cellsOf(
  names: readonly string[],
  rows: readonly Record<string, unknown>[],
): TypedCells {
  const written = rows.map((row) =>
    names.map((name) => (row[name] === null || row[name] === undefined ? '' : String(row[name]))),
  );
  return [[...names], ...written, ...emptyCells(6, names.length)];
}

/** Makes every row as long as the longest, so that a pasted block finds its columns. */
export function squared(cells: TypedCells): TypedCells {
  const width = Math.max(...cells.map((row) => row.length));
  return cells.map((row) => [...row, ...Array<string>(width - row.length).fill('')]);
}
