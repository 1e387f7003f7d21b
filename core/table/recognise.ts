import { type DatePattern, datePatterns, isFiscal, readDate } from '../calendar';
import { type Cell, cellText, type DecimalMark, readNumber } from './cells';
import { isBlank } from './missing';
import type { ColumnKind } from './table';

/** How one column of a table is to be understood. */
export interface ColumnUnderstanding {
  name: string;
  kind: ColumnKind;
  /** how its dates are written; null for other kinds */
  datePattern: DatePattern | null;
  /** how its figures are written, where it is not as in the rest of the file */
  decimalMark?: DecimalMark | null;
  /** the month that begins the fiscal year of its fiscal quarters, 1 to 12 */
  fiscalStart?: number | null;
  /** its words in the order in which they are to stand */
  order?: string[] | null;
}

/** A column is of a kind when at least this share of its cells fits; the others are doubtful. */
const fittingShare = 0.9;

/** Longer cells tell nothing of how figures are written. */
const longestLooked = 60;

/** So many different cells tell how a column is written. */
const mostLookedAt = 400;

/** Digits alone are more often a figure than a date, unless the column's name says so. */
const needsName: Partial<Record<DatePattern, RegExp>> = {
  YYYYMMDD: /date|day|datum|tag|fecha|jour|data/i,
  YYYYMM: /month|period|date|monat|mois|mes|yyyymm/i,
  YYYY: /year|jahr|ann[ée]e|año|\bfy\b/i,
  'serial 1900': /date|\bday|datum|\btag\b|fecha|jour/i,
};

/** Never recognised by itself: it would take every column of figures. */
const onlyChosen: readonly DatePattern[] = ['serial 1904'];

/**
 * Recognises the kind of a column from a sample of its cells.
 * @param cells as the file gives them, blanks included
 * @param decimalMark that of the rest of the file
 * @param settled somebody has said so: no column is written with the other mark
 */
export function recogniseColumn(
  name: string,
  cells: readonly Cell[],
  decimalMark: DecimalMark,
  settled = false,
): ColumnUnderstanding {
  const present = presentCells(cells);
  if (present.length === 0) return { name, kind: 'text', datePattern: null };
  const enough = present.length * fittingShare;
  const [best] = fittingPatterns(name, present);
  if (best) return { name, kind: 'date', datePattern: best };
  const other = decimalMark === ',' ? '.' : ',';
  const figures = (mark: DecimalMark) =>
    present.filter((cell) => typeof cell === 'number' || readNumber(cell, mark) !== null).length;
  if (figures(decimalMark) >= enough) return { name, kind: 'number', datePattern: null };
  if (!settled && figures(other) >= enough)
    return { name, kind: 'number', datePattern: null, decimalMark: other };
  return { name, kind: 'text', datePattern: null };
}

/** Two ways of reading the dates of a column that fit it equally and give different days. */
export interface DateQuestion {
  column: string;
  patterns: [DatePattern, DatePattern];
  /** cells that the two read differently */
  examples: string[];
}

/**
 * Finds whether the dates of a column can be read in another way as well.
 * @param cells of the column, as far as the sample goes
 * @returns null when only one way fits, or both give the same days
 */
export function dateQuestion(
  { name, datePattern }: ColumnUnderstanding,
  cells: readonly Cell[],
): DateQuestion | null {
  const present = presentCells(cells);
  // From when on days are counted is told by the workbook, or by whoever chose it.
  const isCounted = datePattern?.startsWith('serial') ?? false;
  const other = fittingPatterns(name, present).find(
    (pattern) => pattern !== datePattern && !(isCounted && pattern.startsWith('serial')),
  );
  if (!datePattern || !other) return null;
  const examples = present.map(cellText).filter((cell) => {
    const [one, two] = [datePattern, other].map((pattern) => readDate(cell, pattern, anyZone));
    return one !== two && one !== null && two !== null;
  });
  if (examples.length === 0) return null;
  return { column: name, patterns: [datePattern, other], examples: examples.slice(0, 2) };
}

/** Whether the fiscal year of a column's quarters begins in a month that nobody has said. */
export const lacksFiscalStart = ({ datePattern, fiscalStart }: ColumnUnderstanding) =>
  datePattern !== null && isFiscal(datePattern) && !fiscalStart;

const anyZone = { zone: 'UTC' };

/** The different cells of a column that are not blank, as many as tell how it is written. */
function presentCells(cells: readonly Cell[]): Cell[] {
  const different = new Set<Cell>();
  for (const cell of cells) {
    if (typeof cell === 'string' && isBlank(cell)) continue;
    different.add(cell);
    if (different.size >= mostLookedAt) break;
  }
  return [...different];
}

/** The patterns that fit enough of the cells, those that fit most first. */
function fittingPatterns(name: string, present: readonly Cell[]): DatePattern[] {
  const texts = present.map(cellText);
  const fits = (pattern: DatePattern, some: readonly string[]) =>
    some.filter((cell) => readDate(cell, pattern, anyZone) !== null).length;
  // Most patterns fit nothing, which the first few cells tell.
  const first = texts.slice(0, 12);
  return datePatterns
    .filter((pattern) => !onlyChosen.includes(pattern) && (needsName[pattern]?.test(name) ?? true))
    .filter((pattern) => fits(pattern, first) > first.length / 2)
    .map((pattern) => ({ pattern, count: fits(pattern, texts) }))
    .filter(
      ({ pattern, count }) => count >= texts.length * fittingShare && isPlausible(pattern, texts),
    )
    .sort((a, b) => b.count - a.count)
    .map(({ pattern }) => pattern);
}

/** Digits alone are dates only within the years that people keep figures of. */
function isPlausible(pattern: DatePattern, texts: readonly string[]): boolean {
  if (!(pattern in needsName)) return true;
  const range = pattern === 'YYYY' ? [1900, 2100] : pattern === 'YYYYMM' ? [190000, 210012] : null;
  const [least, most] = range ?? (pattern === 'YYYYMMDD' ? [19000101, 21001231] : [20_000, 60_000]);
  return texts.every((text) => {
    const figure = Number(text.replace(',', '.'));
    return Number.isNaN(figure) || (figure >= (least as number) && figure <= (most as number));
  });
}

/**
 * Finds the decimal mark under which a sample reads as figures most often; where both do equally,
 * the one that leaves fewer digits to be thousands.
 * @param cells of a sample, of all columns
 */
export const recogniseDecimalMark = (cells: readonly Cell[]): DecimalMark =>
  decimalEvidence(cells, ',') > decimalEvidence(cells, '.') ? ',' : '.';

/**
 * How many cells of a sample are figures that show a decimal mark.
 * @param cells of a sample
 */
export function decimalEvidence(cells: readonly Cell[], mark: DecimalMark): number {
  const decimal = new RegExp(`\\d\\${mark}(\\d{1,2}|\\d{4,})\\D*$|^[^\\d]*0\\${mark}\\d`);
  const other = mark === ',' ? '.' : ',';
  const thousandsAndMark = new RegExp(`\\d\\${other}\\d{3}\\${mark}\\d+\\D*$`);
  return cells.filter(
    (cell) =>
      typeof cell === 'string' &&
      cell.length <= longestLooked &&
      (decimal.test(cell) || thousandsAndMark.test(cell)) &&
      readNumber(cell, mark) !== null,
  ).length;
}

/**
 * The figures of a column that could as well be written with the other decimal mark: one mark in
 * each, three digits behind it. Whoever brings them in is shown how they are read.
 * @param cells of the column, as far as the sample goes
 */
export function doubleReadings(cells: readonly Cell[]): string[] {
  const marked = cells.filter(
    (cell): cell is string =>
      typeof cell === 'string' && cell.length <= longestLooked && /\d[.,]\d/.test(cell),
  );
  const either = marked.filter((cell) => /^\D*[1-9]\d{0,2}[.,]\d{3}\D*$/.test(cell));
  return marked.length > 0 && either.length === marked.length ? either.slice(0, 2) : [];
}

/**
 * The unit that stands behind a column's name, in parentheses or brackets: “Fuel (litres)”.
 * @param name the head of the column
 * @returns null for none
 */
export function unitOf(name: string): string | null {
  return /[([]([^()[\]]{1,24})[)\]]\s*$/.exec(name)?.[1]?.trim() ?? null;
}
