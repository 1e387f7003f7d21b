import iconv from 'iconv-lite';
import Papa from 'papaparse';
import { type ChoicesOf, delimiters } from '../../contract';
import { ProblemError } from '../../core/values';

export type Encoding = NonNullable<ChoicesOf<'delimited'>['encoding']>;
export type Delimiter = NonNullable<ChoicesOf<'delimited'>['delimiter']>;

/**
 * Recognises the encoding of a file from its first bytes: by its byte order mark, by where its zero
 * bytes stand, or by whether it is well-formed UTF-8.
 * @throws ProblemError when it is no text
 */
export function recogniseEncoding(start: Buffer): Encoding {
  if (start[0] === 0xef && start[1] === 0xbb && start[2] === 0xbf) return 'utf-8';
  if (start[0] === 0xff && start[1] === 0xfe) return 'utf-16le';
  if (start[0] === 0xfe && start[1] === 0xff) return 'utf-16be';
  const zeros = [0, 0];
  start.forEach((byte, place) => byte === 0 && (zeros[place % 2] = (zeros[place % 2] ?? 0) + 1));
  const [even = 0, odd = 0] = zeros;
  if (odd > start.length / 8 && even === 0) return 'utf-16le';
  if (even > start.length / 8 && odd === 0) return 'utf-16be';
  if (even + odd > 0) {
    throw new ProblemError({
      code: 'not-text',
      sentence:
        'This is no table that can be read here. Choose a CSV, spreadsheet, JSON or Parquet file.',
    });
  }
  return isUtf8(start) ? 'utf-8' : 'windows-1252';
}

function isUtf8(start: Buffer): boolean {
  try {
    // A character may be cut at the end of the sample.
    new TextDecoder('utf-8', { fatal: true }).decode(start, { stream: true });
    return true;
  } catch {
    return false;
  }
}

/**
 * Recognises the delimiter from the first lines: the one that cuts most of them into the same number
 * of cells, more than one.
 */
export function recogniseDelimiter(start: Buffer, encoding: Encoding): Delimiter {
  const text = iconv.decode(start, encoding);
  const end = text.lastIndexOf('\n');
  const whole = end > 0 ? text.slice(0, end) : text;
  const scores = delimiters.map((delimiter) => agreement(whole, delimiter));
  return delimiters[scores.indexOf(Math.max(...scores))] ?? ',';
}

/** The share of lines that have the commonest number of cells; more cells win among equals. */
function agreement(text: string, delimiter: Delimiter): number {
  const rows = sampleRows(text, delimiter);
  const counts = new Map<number, number>();
  for (const row of rows) counts.set(row.length, (counts.get(row.length) ?? 0) + 1);
  const [cells, lines] = [...counts].sort((a, b) => b[1] - a[1])[0] ?? [0, 0];
  return cells < 2 ? 0 : lines / rows.length + cells / 1000;
}

function sampleRows(text: string, delimiter: Delimiter): string[][] {
  const { data } = Papa.parse<string[]>(text, { delimiter, preview: 100, skipEmptyLines: true });
  return data;
}
