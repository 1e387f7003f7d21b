export {
  cellReader,
  type CellValue,
  type ColumnBuilder,
  columnBuilder,
  doubtful,
  longestText,
} from './build';
export { type DecimalMark, isBlank, readNumber } from './cells';
export { type ColumnUnderstanding, recogniseColumn, recogniseDecimalMark } from './recognise';
export {
  type Column,
  type ColumnKind,
  type DateColumn,
  dateColumn,
  missingDay,
  type NumberColumn,
  numberColumn,
  type Table,
  type TextColumn,
  textColumn,
} from './table';
