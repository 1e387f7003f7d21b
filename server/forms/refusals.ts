import { ProblemError } from '../../core/values';
import { settings } from '../settings';

export const brokenWorkbook = () =>
  new ProblemError({
    code: 'broken-workbook',
    sentence:
      'The workbook cannot be read: it is damaged, or no spreadsheet. Save it again, or save the sheet as CSV.',
  });

export const tooManyCells = () =>
  new ProblemError({
    code: 'too-many-cells',
    sentence: `The sheet is laid out over more than ${settings.sheetCells.toLocaleString('en-GB')} cells: one far to the right, merged or repeated ones count with all that they cover. Name the range that holds the table, or save that as CSV.`,
    place: { field: 'range' },
  });

/** @param row counted from 1; none where no row is at fault */
export const tooManyFields = (most: number, row?: number) =>
  new ProblemError({
    code: 'too-many-columns',
    sentence: `${row === undefined ? 'The records have' : `Row ${row} has`} more than ${most.toLocaleString('en-GB')} ${row === undefined ? 'fields' : 'cells'}. Bring in a file with fewer columns.`,
    ...(row !== undefined && { place: { row } }),
  });

export const nestedTooDeeply = (most: number) =>
  new ProblemError({
    code: 'nested-too-deeply',
    sentence: `The records are nested more than ${most} deep. Bring in a flatter file.`,
  });
