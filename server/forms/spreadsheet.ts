import {
  read,
  SSF,
  utils,
  type CellObject,
  type Range,
  type WorkBook,
  type WorkSheet,
} from '@e965/xlsx';
import type { ChoicesOf } from '../../contract';
import { formatDay } from '../../core/calendar';
import type { Cell } from '../../core/table';
import { ProblemError, wellFormed } from '../../core/values';
import { settings } from '../settings';
import { boundWorkbook } from './boundWorkbook';
import { type FormReader, inBatches, type RowBatches } from './form';
import { MergedCells } from './merged';
import { brokenWorkbook, tooManyCells } from './refusals';
import { sayUnseen } from './unseenCells';
import { wholeFile } from './wholeFile';

const zip = Buffer.from('PK\u0003\u0004');
const olderWorkbook = Buffer.from([0xd0, 0xcf, 0x11, 0xe0]);

/** Workbooks of spreadsheet programs: cells by their stored value, dates by their format. */
export const spreadsheet: FormReader<'spreadsheet'> = {
  kind: 'spreadsheet',
  recognises: (start) =>
    start.subarray(0, 4).equals(zip) || start.subarray(0, 4).equals(olderWorkbook),
  async choose(file, _start, given) {
    const { book, unseen } = await openBook(await wholeFile(file), undefined);
    const parts = visibleSheets(book);
    const lacks =
      given.sheet !== undefined && !book.SheetNames.includes(given.sheet) ? given.sheet : null;
    const sheet = (lacks === null && given.sheet) || fullestSheet(book, parts);
    const choices = { kind: 'spreadsheet', sheet, range: given.range || undefined } as const;
    const epoch1904 = countsFrom1904(book);
    return { choices, parts, lacks, epoch1904, notices: unseen ? sayUnseen(unseen) : [] };
  },
  async *rows(file, choices): RowBatches {
    const { book } = await openBook(await wholeFile(file), choices.sheet);
    const sheet = book.Sheets[choices.sheet ?? ''];
    if (!sheet) throw noSheet(choices.sheet ?? '', book.SheetNames);
    yield* inBatches(sheetRows(book, sheet, choices));
  },
};

/** @param sheet only this one is read; undefined reads all */
async function openBook(content: Buffer, sheet: string | undefined) {
  const unseen = content.subarray(0, 4).equals(zip) ? await boundWorkbook(content) : null;
  try {
    const book: WorkBook = read(content, {
      dense: true,
      cellNF: true,
      cellHTML: false,
      cellFormula: false,
      sheets: sheet,
    });
    return { book, unseen };
  } catch (error) {
    const locked = error instanceof Error && /password|encrypt/i.test(error.message);
    if (!locked) throw brokenWorkbook();
    throw new ProblemError({
      code: 'locked-workbook',
      sentence: 'The workbook is locked with a password. Save it without one, then bring it in.',
    });
  }
}

const noSheet = (name: string, sheets: readonly string[]) =>
  new ProblemError({
    code: 'no-sheet',
    sentence: `The workbook has no sheet “${name}”. It has ${sheets.map((each) => `“${each}”`).join(', ')}.`,
    place: { field: 'sheet' },
  });

const countsFrom1904 = (book: WorkBook) => book.Workbook?.WBProps?.date1904 === true;

const visibleSheets = (book: WorkBook) =>
  book.SheetNames.filter(
    (name, place) => book.Sheets[name]?.['!ref'] && !book.Workbook?.Sheets?.[place]?.Hidden,
  );

/** The first sheet, unless it is a cover of a few cells. */
function fullestSheet(book: WorkBook, sheets: readonly string[]): string {
  const cells = (name: string) => {
    const { s, e } = utils.decode_range(book.Sheets[name]?.['!ref'] ?? 'A1');
    return (e.r - s.r + 1) * (e.c - s.c + 1);
  };
  const most = Math.max(...sheets.map(cells));
  const found = sheets.find((name) => cells(name) * 10 >= most) ?? book.SheetNames[0];
  if (found === undefined || sheets.length === 0)
    throw new ProblemError({
      code: 'no-rows',
      sentence: 'No sheet of the workbook has cells. Choose another file.',
    });
  return found;
}

function* sheetRows(
  book: WorkBook,
  sheet: WorkSheet,
  { range }: ChoicesOf<'spreadsheet'>,
): Generator<Cell[]> {
  const rows = (sheet as unknown as { '!data': SheetData })['!data'] ?? [];
  const used = usedRange(rows, utils.decode_range(sheet['!ref'] ?? 'A1').s);
  const wanted = range ? utils.decode_range(range.toUpperCase()) : used;
  const last = { r: Math.min(wanted.e.r, used.e.r), c: Math.min(wanted.e.c, used.e.c) };
  const epoch1904 = countsFrom1904(book);
  const merged = new MergedCells(sheet['!merges'] ?? [], last);
  const width = last.c - wanted.s.c + 1;
  let laid = 0;
  // Row numbers are those of the sheet, whatever stands above its first cell.
  for (let row = range ? wanted.s.r : 0; row <= last.r; row += 1) {
    const into = merged.ofRow(row);
    if (!rows[row] && into.size === 0) {
      yield [];
      continue;
    }
    laid += width;
    if (laid > settings.sheetCells) throw tooManyCells();
    const cells: Cell[] = [];
    for (let column = wanted.s.c; column <= last.c; column += 1) {
      const from = into.get(column);
      const cell = from ? rows[from.r]?.[from.c] : rows[row]?.[column];
      cells.push(cell ? cellOf(cell, epoch1904) : '');
    }
    yield cells.every((cell) => cell === '') ? [] : cells;
  }
}

type SheetData = (CellObject | undefined)[][];

/** From the first cell to those that really are there: a sheet may say that it reaches further. */
function usedRange(rows: SheetData, s: Range['s']): Range {
  let c = 0;
  // Rows that are not there are passed over, however many they are.
  rows.forEach((cells) => (c = Math.max(c, cells.length - 1)));
  return { s, e: { r: rows.length - 1, c } };
}

function cellOf(cell: CellObject, epoch1904: boolean): Cell {
  if (cell.t === 'n' && typeof cell.v === 'number')
    return SSF.is_date(String(cell.z ?? '')) ? dateText(cell.v, epoch1904) : cell.v;
  if (cell.t === 'd' && cell.v instanceof Date) return cell.v.toISOString().slice(0, 19);
  if (cell.t === 'b') return cell.v ? 'true' : 'false';
  if (cell.t === 'e') return cell.w ?? '#VALUE!';
  return cell.v === undefined ? '' : wellFormed(String(cell.v));
}

const epochs = { 1900: -25_569, 1904: -24_107 };

/** A date as text, with its time when it has one; a time alone stays a share of a day. */
function dateText(serial: number, epoch1904: boolean): Cell {
  if (serial < 1 && !epoch1904) return serial;
  // Spreadsheets count a 29 February 1900 that never was: days before it are one off.
  const early = !epoch1904 && serial < 60 ? 1 : 0;
  const seconds = Math.round(serial * 86_400);
  const day = Math.floor(seconds / 86_400) + early + epochs[epoch1904 ? 1904 : 1900];
  const rest = seconds % 86_400;
  const time = rest === 0 ? '' : ` ${new Date(rest * 1000).toISOString().slice(11, 19)}`;
  return `${formatDay(day)}${time}`;
}
