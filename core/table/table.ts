import type { Day } from '../calendar';

/** What stands in a date column where the cell is blank. */
export const missingDay: Day = -(2 ** 31);

/** Dates, one a row; `missingDay` where blank. */
export interface DateColumn {
  kind: 'date';
  name: string;
  days: Int32Array;
}

/** Figures, one a row; NaN where blank. */
export interface NumberColumn {
  kind: 'number';
  name: string;
  values: Float64Array;
  /** the most digits any figure has after its decimal mark */
  decimals: number;
}

/** Words, one a row, as places in a list; -1 where blank. */
export interface TextColumn {
  kind: 'text';
  name: string;
  codes: Int32Array;
  words: string[];
}

export type Column = DateColumn | NumberColumn | TextColumn;
export type ColumnKind = Column['kind'];

/** A table of figures in memory, column by column. */
export interface Table {
  rows: number;
  columns: Column[];
}
