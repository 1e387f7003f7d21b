import { Readable } from 'node:stream';
import { createInflateRaw } from 'node:zlib';
import { ProblemError } from '../../core/values';
import { settings } from '../settings';
import { brokenWorkbook, tooManyCells } from './refusals';
import { type UnseenCells, UnseenCounter } from './unseenCells';
import { type ZipEntry, zipEntries } from './zipEntries';

/** More files within a workbook than this are none of a spreadsheet program. */
const mostEntries = 5000;

/**
 * Holds a workbook against its limits before anything of it is laid out in memory: what its files really
 * unpack to, whatever its list says, and how many cells are said in few letters to be repeated.
 * @returns what of it nobody sees who opens it
 * @throws ProblemError when it is beyond a limit, or damaged
 */
export async function boundWorkbook(content: Buffer): Promise<UnseenCells> {
  const entries = zipEntries(content);
  if (!entries || entries.length > mostEntries) throw brokenWorkbook();
  if (entries.reduce((sum, { unpackedBytes }) => sum + unpackedBytes, 0) > settings.unpackedBytes)
    throw unpacksTooLarge();
  const repeats = new RepeatedCells();
  const unseen = new UnseenCounter();
  for (const entry of entries) {
    let bytes = 0;
    for await (const part of unpacked(entry)) {
      bytes += part.length;
      // The list at the end of a zip is anybody's to write.
      if (bytes > entry.unpackedBytes) throw brokenWorkbook();
      if (entry.name.endsWith('content.xml')) repeats.look(part);
      if (entry.name.startsWith('xl/worksheets/')) unseen.look(part);
    }
  }
  return unseen.found();
}

async function* unpacked({ content, isPacked }: ZipEntry): AsyncGenerator<Buffer> {
  if (!isPacked) return yield content;
  const inflate = Readable.from([content]).pipe(createInflateRaw());
  try {
    for await (const part of inflate) yield part as Buffer;
  } catch {
    throw brokenWorkbook();
  }
}

const tag = /<(?:[\w.-]+:)?(table-row|table-cell)\b[^>]*>/g;
const repeated = /number-(?:columns|rows)-repeated\s*=\s*["'](\d{1,12})["']/;

/** Counts the cells that an OpenDocument table says once and means often; empty ones cost nothing. */
class RepeatedCells {
  private cells = 0;
  private rows = 1;
  private rest = '';

  look(part: Buffer) {
    const text = this.rest + part.toString('latin1');
    let done = 0;
    for (const found of text.matchAll(tag)) {
      done = found.index + found[0].length;
      this.count(found[1] === 'table-row', found[0]);
    }
    // A tag may be cut between two parts; one that is longer than this repeats nothing.
    this.rest = text.slice(Math.max(done, text.length - 4096));
  }

  private count(isRow: boolean, written: string) {
    const times = Number(repeated.exec(written)?.[1] ?? 1);
    if (isRow) {
      this.rows = times;
      return;
    }
    if (written.endsWith('/>') && !written.includes('value')) return;
    this.cells += times * this.rows;
    if (this.cells > settings.sheetCells) throw tooManyCells();
  }
}

const unpacksTooLarge = () =>
  new ProblemError({
    code: 'unpacked-too-large',
    sentence: `The workbook unpacks to more than ${Math.round(settings.unpackedBytes / 1024 / 1024)} MB. Save the sheet as CSV and bring that in.`,
  });
