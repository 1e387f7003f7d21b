import type { CellValue, ColumnUnderstanding, Profile } from '../../core/table';
import type { RowStore } from './rowStore';

/** A table: its columns, and what is known of its rows before they are read. */
interface KnownTable {
  columns: readonly ColumnUnderstanding[];
  /** what the rows hold, by column; null where nobody has looked at all of them */
  found: readonly Profile[] | null;
  /** how many rows there are, as far as is known */
  rows: number;
}

/** Typed rows, ready to be stored. */
export interface TypedTable extends KnownTable {
  batches(): AsyncIterable<readonly (readonly CellValue[])[]>;
}

/** What rows are written to. */
export type WritesRows = Pick<RowStore, 'add' | 'copy' | 'keep'>;

/** A table that writes its rows itself, also such as are packed already. */
export interface StorableTable extends KnownTable {
  write(store: WritesRows): Promise<void>;
}

/** A table whose rows are written one by one. */
export const rowByRow = (table: TypedTable): StorableTable => ({
  columns: table.columns,
  found: table.found,
  rows: table.rows,
  write: async (store) => {
    for await (const batch of table.batches()) await store.add(batch);
  },
});
