import { type Day, readDate } from '../calendar';
import { decimalsOf, isFigure, plainText } from '../values';
import { type Cell, cellText, type DecimalMark, readNumber } from './cells';
import { isBlank, missingSigns } from './missing';
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

/** How the cells of a file are written, where its columns do not say otherwise. */
export interface Writing {
  decimalMark: DecimalMark;
  /** the source's time zone */
  zone: string;
  /** what counts as missing; left out: the usual signs */
  missing?: readonly string[] | null;
}

/**
 * Makes the reader of a column's cells, which gives `doubtful` for a cell that does not fit.
 * Dates and words repeat, so each different text is read once.
 * @param column its kind and form, as they were recognised
 * @param writing the decimal mark, the signs for missing ones, the zone
 */
export function cellReader(
  column: ColumnUnderstanding,
  writing: Writing,
): (cell: Cell) => CellValue | typeof doubtful {
  const read = readerOfKind(column, writing);
  const signs = missingSigns(column.kind, writing.missing);
  if (column.kind === 'number')
    return (cell) => {
      if (typeof cell === 'number') return isFigure(cell) ? cell : doubtful;
      // Nearly all cells are figures; only of the others it is asked whether they are blank.
      const figure = read(cell);
      return figure === doubtful && isBlank(cell, signs) ? null : figure;
    };
  const readText = (text: string) => (isBlank(text, signs) ? null : read(text));
  const known = new Map<Cell, CellValue | typeof doubtful>();
  return (cell) => {
    const before = known.get(cell);
    if (before !== undefined) return before;
    const value = readText(cellText(cell));
    if (known.size < mostRemembered) known.set(cell, value);
    return value;
  };
}

function readerOfKind(
  { kind, datePattern, fiscalStart, decimalMark }: ColumnUnderstanding,
  writing: Writing,
): (text: string) => CellValue | typeof doubtful {
  if (kind === 'text')
    return (text) => (text.length <= longestText ? plainText(text.trim()) : doubtful);
  if (kind === 'number') {
    const mark = decimalMark ?? writing.decimalMark;
    return (text) => readNumber(text, mark) ?? doubtful;
  }
  const context = { zone: writing.zone, fiscalStart: fiscalStart ?? 1 };
  return (text) => (datePattern && readDate(text, datePattern, context)) ?? doubtful;
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
