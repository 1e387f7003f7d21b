export {
  cellReader,
  type CellValue,
  type ColumnBuilder,
  columnBuilder,
  doubtful,
  longestText,
  type Writing,
} from './build';
export { type Cell, cellFigure, cellText, type DecimalMark, readNumber } from './cells';
export { type DigitNames, digitNames, namesAmounts, namesThings } from './digits';
export { isBlank, type MissingSigns, missingSigns, usualMissing } from './missing';
export {
  type ColumnUnderstanding,
  dateQuestion,
  decimalEvidence,
  type DateQuestion,
  doubleReadings,
  lacksFiscalStart,
  recogniseColumn,
  recogniseDecimalMark,
  unitOf,
} from './recognise';
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
export { naturalOrder, ownOrder } from './wordOrder';
export { FigureDigits, type Profile, profileLimits, Profiler } from './profile';
