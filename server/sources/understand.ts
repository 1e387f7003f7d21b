import { bringInLimits, type FileForm, type Understanding } from '../../contract';
import {
  cellReader,
  type CellValue,
  type ColumnUnderstanding,
  doubtful,
  recogniseColumn,
  recogniseDecimalMark,
} from '../../core/table';
import { cutText, decimalsOf, ProblemError } from '../../core/values';
import { csvRows, type OpenFile } from './csvRows';
import { recogniseDelimiter, recogniseEncoding } from './fileForm';

/** Every choice about a file made; what readRows needs. */
export type WholeForm = Required<FileForm> & { columns: ColumnUnderstanding[] };

const sampleBytes = 256 * 1024;
const sampleRows = 2000;
const mostWords = 1000;

/**
 * Works out how a file is to be read, keeping whatever the caller has decided.
 * @throws ProblemError when it is no table
 */
export async function recogniseForm(open: OpenFile, given: FileForm): Promise<WholeForm> {
  const start = await firstBytes(open);
  const encoding = given.encoding ?? recogniseEncoding(start);
  const delimiter = given.delimiter ?? recogniseDelimiter(start, encoding);
  const rows: string[][] = [];
  for await (const row of csvRows(open, encoding, delimiter)) {
    if (row.length > 0) rows.push(row);
    if (rows.length > sampleRows) break;
  }
  const [head, ...body] = rows;
  const names = columnNames(head ?? []);
  if (names.length === 0 || body.length === 0) {
    const sentence =
      'The file has no rows of figures under its head. Choose a file whose first row names the columns.';
    throw new ProblemError({ code: 'no-rows', sentence });
  }
  if (names.length > bringInLimits.columns) {
    const sentence = `The file has ${names.length} columns; ${bringInLimits.columns} can be brought in. Leave some out.`;
    throw new ProblemError({ code: 'too-many-columns', sentence });
  }
  const cells = (place: number) => body.map((row) => row[place] ?? '');
  const decimalMark =
    given.decimalMark ?? recogniseDecimalMark(names.flatMap((_, place) => cells(place)));
  const decided = given.columns?.length === names.length ? given.columns : null;
  const columns = names.map((name, place) => {
    const recognised = recogniseColumn(name, cells(place), decimalMark);
    const choice = decided?.[place];
    if (!choice || choice.name !== name) return recognised;
    const datePattern = choice.datePattern ?? recognised.datePattern ?? 'YYYY-MM-DD';
    return { name, kind: choice.kind, datePattern: choice.kind === 'date' ? datePattern : null };
  });
  return { encoding, delimiter, decimalMark, zone: given.zone ?? 'UTC', columns };
}

async function firstBytes(open: OpenFile): Promise<Buffer> {
  const chunks: Buffer[] = [];
  let held = 0;
  for await (const chunk of open()) {
    chunks.push(chunk);
    held += chunk.length;
    if (held >= sampleBytes) break;
  }
  return Buffer.concat(chunks).subarray(0, sampleBytes);
}

/** Names are unique and never blank; a name that stands in the file is not taken by another column. */
function columnNames(head: readonly string[]): string[] {
  const written = head.map((cell, place) => cutText(cell.trim(), 190) || `Column ${place + 1}`);
  const taken = new Set<string>();
  return written.map((name) => {
    let own = name;
    for (let time = 2; taken.has(own) || (time > 2 && written.includes(own)); time += 1)
      own = `${name} (${time})`;
    taken.add(own);
    return own;
  });
}

/** One row after reading; doubtful cells are blank and named beside. */
export interface ReadRow {
  /** counts from 1, the head being row 1 */
  number: number;
  written: string[];
  values: CellValue[];
  doubtful: { column: string; text: string }[];
}

/**
 * Reads the rows of a file by its form.
 * @throws ProblemError when there are more than can be brought in
 */
export async function* readRows(open: OpenFile, form: WholeForm): AsyncGenerator<ReadRow> {
  const { columns, decimalMark, zone } = form;
  const readers = columns.map((column) => cellReader(column, decimalMark, zone));
  let number = 0;
  for await (const written of csvRows(open, form.encoding, form.delimiter)) {
    number += 1;
    if (number === 1 || written.length === 0) continue;
    if (number > bringInLimits.rows + 1) {
      const most = bringInLimits.rows.toLocaleString('en-GB');
      const sentence = `The file has more than ${most} rows. Bring it in as several files.`;
      throw new ProblemError({ code: 'too-many-rows', sentence });
    }
    const odd: ReadRow['doubtful'] = [];
    const values = columns.map((column, place) => {
      const text = written[place] ?? '';
      const value = readers[place]?.(text) ?? null;
      if (value !== doubtful) return value;
      odd.push({ column: column.name, text });
      return null;
    });
    const beyond =
      written.length > columns.length
        ? written.slice(columns.length).filter((cell) => cell.trim() !== '')
        : [];
    if (beyond.length > 0) odd.push({ column: 'beyond the last column', text: beyond.join(' ') });
    yield { number, written, values, doubtful: odd };
  }
}

/** Reads a whole file and says how every column of it was understood. */
export async function understandFile(open: OpenFile, given: FileForm): Promise<Understanding> {
  const form = await recogniseForm(open, given);
  const found = await survey(open, form);
  // Bytes that are no UTF-8 may come late in a file whose start says nothing.
  if (found.broken && !given.encoding && form.encoding === 'utf-8')
    return understandFile(open, { ...given, encoding: 'windows-1252' });
  const { broken: _, ...rest } = found;
  return { ...form, ...rest };
}

async function survey(open: OpenFile, form: WholeForm) {
  const found = form.columns.map(() => ({
    blank: 0,
    doubtful: 0,
    decimals: 0,
    largest: 0,
    words: new Set<CellValue>(),
  }));
  const preview: string[][] = [];
  const listed: Understanding['doubtful'] = [];
  let rows = 0;
  let doubtfulTotal = 0;
  let broken = false;
  for await (const row of readRows(open, form)) {
    rows += 1;
    if (preview.length < 8) preview.push(row.written);
    doubtfulTotal += row.doubtful.length;
    for (const odd of row.doubtful) {
      if (listed.length < bringInLimits.listed) listed.push({ row: row.number, ...odd });
    }
    const odd = new Set(row.doubtful.map(({ column }) => column));
    row.values.forEach((value, place) => {
      const column = found[place];
      if (!column) return;
      if (value === null) {
        if (odd.has(form.columns[place]?.name ?? '')) column.doubtful += 1;
        else column.blank += 1;
      } else if (typeof value === 'string') {
        if (column.words.size < mostWords) column.words.add(value);
        broken ||= value.includes('\ufffd');
      } else if (form.columns[place]?.kind === 'number') {
        column.decimals = Math.max(column.decimals, decimalsOf(value));
        column.largest = Math.max(column.largest, Math.abs(value));
      }
    });
  }
  return {
    rows,
    preview,
    broken,
    doubtful: listed,
    doubtfulTotal,
    found: found.map(({ words, ...rest }) => ({ ...rest, words: words.size })),
  };
}
