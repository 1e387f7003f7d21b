import { type DateColumn, missingDay, type TextColumn } from '../../table';

/** What tells whether a row has a word or a date in a column; of rows without a column, each has. */
export function presentIn(column: TextColumn | DateColumn | null): (row: number) => boolean {
  if (column === null) return () => true;
  if (column.kind === 'text') return (row) => column.codes[row] !== -1;
  return (row) => column.days[row] !== missingDay;
}
