import { type Day, readDate } from '../calendar';
import { decimalsOf } from '../values';
import { type DecimalMark, isBlank, readNumber } from './cells';
import type { ColumnUnderstanding } from './recognise';
import { type Column, dateColumn, missingDay, numberColumn, textColumn } from './table';

/** One cell after reading: a day or a figure as a number, a word as text, null when blank. */
export type CellValue = number | string | null;

/** Thrown away cells keep their text: the caller lists them for correction. */
export const doubtful = Symbol('doubtful');

/** The longest text that is kept whole. */
export const longestText = 500;

/** More different texts than this are not remembered. */
const mostRemembered = 50_000;

/**
 * Makes the reader of a column's cells, which gives `doubtful` for a cell that does not fit.
 * Dates and words repeat, so each different text is read once.
 * @param zone the source's time zone
 */
export function cellReader(
  column: Pick<ColumnUnderstanding, 'kind' | 'datePattern'>,
  decimalMark: DecimalMark,
  zone: string,
): (text: string) => CellValue | typeof doubtful {
  const read = (text: string) => readCell(text, column, decimalMark, zone);
  if (column.kind === 'number') return read;
  const known = new Map<string, CellValue | typeof doubtful>();
  return (text) => {
    const before = known.get(text);
    if (before !== undefined) return before;
    const value = read(text);
    if (known.size < mostRemembered) known.set(text, value);
    return value;
  };
}

function readCell(
  text: string,
  column: Pick<ColumnUnderstanding, 'kind' | 'datePattern'>,
  decimalMark: DecimalMark,
  zone: string,
): CellValue | typeof doubtful {
  if (isBlank(text)) return null;
  if (column.kind === 'text') return text.length <= longestText ? text.trim() : doubtful;
  if (column.kind === 'number') return readNumber(text, decimalMark) ?? doubtful;
  return (column.datePattern && readDate(text, column.datePattern, zone)) ?? doubtful;
}

/** Collects one column of a table in memory, cell by cell. */
export interface ColumnBuilder {
  add(value: CellValue): void;
  finish(): Column;
}

/**
 * @param rows how many cells will be added
 */
export function columnBuilder(name: string, kind: Column['kind'], rows: number): ColumnBuilder {
  if (kind === 'date') return dateBuilder(name, rows);
  return kind === 'number' ? numberBuilder(name, rows) : textBuilder(name, rows);
}

function dateBuilder(name: string, rows: number): ColumnBuilder {
  const days = new Int32Array(rows);
  let row = 0;
  return {
    add: (value) => void (days[row++] = typeof value === 'number' ? (value as Day) : missingDay),
    finish: () => dateColumn(name, days),
  };
}

function numberBuilder(name: string, rows: number): ColumnBuilder {
  const values = new Float64Array(rows);
  let row = 0;
  let decimals = 0;
  return {
    add: (value) => {
      const figure = typeof value === 'number' ? value : NaN;
      values[row++] = figure;
      // Most figures need no more digits than those before them; that is cheap to see.
      if (!Number.isInteger(figure) && !Number.isNaN(figure))
        decimals = Math.max(decimals, decimalsOf(figure));
    },
    finish: () => numberColumn(name, values, decimals),
  };
}

function textBuilder(name: string, rows: number): ColumnBuilder {
  const codes = new Int32Array(rows);
  const words: string[] = [];
  const known = new Map<string, number>();
  let row = 0;
  return {
    add: (value) => {
      if (value === null) return void (codes[row++] = -1);
      const word = String(value);
      let code = known.get(word);
      if (code === undefined) {
        code = words.push(word) - 1;
        known.set(word, code);
      }
      codes[row++] = code;
    },
    finish: () => textColumn(name, codes, words),
  };
}
