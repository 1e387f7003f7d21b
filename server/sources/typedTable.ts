import type { CellValue, ColumnUnderstanding, Profile } from '../../core/table';

/** Typed rows, ready to be stored. */
export interface TypedTable {
  columns: readonly ColumnUnderstanding[];
  /** what the rows hold, by column */
  found: readonly Profile[];
  rows: number;
  /** put together of rows that were looked at apart: what they hold together is not known yet */
  together?: boolean;
  batches(): AsyncIterable<readonly (readonly CellValue[])[]>;
}
