import { type DatePattern, datePatterns, readDate } from '../calendar';
import { type DecimalMark, isBlank, readNumber } from './cells';
import type { ColumnKind } from './table';

/** How one column of a delivered file is to be understood. */
export interface ColumnUnderstanding {
  name: string;
  kind: ColumnKind;
  /** how its dates are written; null for other kinds */
  datePattern: DatePattern | null;
}

/** A column is of a kind when at least this share of its cells fits; the others are doubtful. */
const fittingShare = 0.9;

/**
 * Recognises the kind of a column from a sample of its cells.
 * @param cells as written in the file, blanks included
 */
export function recogniseColumn(
  name: string,
  cells: readonly string[],
  decimalMark: DecimalMark,
): ColumnUnderstanding {
  const present = cells.filter((cell) => !isBlank(cell));
  const fits = (read: (cell: string) => number | null) =>
    present.filter((cell) => read(cell) !== null).length;
  if (present.length === 0) return { name, kind: 'text', datePattern: null };
  const scores = datePatterns.map((pattern) => fits((cell) => readDate(cell, pattern, 'UTC')));
  const best = Math.max(...scores);
  const pattern = datePatterns[scores.indexOf(best)] ?? null;
  // Eight digits alone are more often a figure than a date, unless the name says so.
  const trusted = pattern !== 'YYYYMMDD' || /date|day/i.test(name);
  if (best >= present.length * fittingShare && trusted)
    return { name, kind: 'date', datePattern: pattern };
  const numbers = fits((cell) => readNumber(cell, decimalMark));
  const kind = numbers >= present.length * fittingShare ? 'number' : 'text';
  return { name, kind, datePattern: null };
}

/**
 * Finds the decimal mark under which a sample reads as figures most often; where both do equally,
 * the one that leaves fewer digits to be thousands.
 */
export function recogniseDecimalMark(cells: readonly string[]): DecimalMark {
  const score = (mark: DecimalMark) => {
    const decimal = new RegExp(`\\d\\${mark}(\\d{1,2}|\\d{4,})$`);
    const other = mark === ',' ? '.' : ',';
    const thousandsAndMark = new RegExp(`\\d\\${other}\\d{3}\\${mark}\\d+$`);
    return cells.filter(
      (cell) =>
        readNumber(cell, mark) !== null &&
        (decimal.test(cell.trim()) || thousandsAndMark.test(cell.trim())),
    ).length;
  };
  return score(',') > score('.') ? ',' : '.';
}
