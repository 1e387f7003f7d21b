import { pipeline, Readable } from 'node:stream';
import { CsvError, parse, type Parser } from 'csv-parse';
import iconv from 'iconv-lite';
import { ProblemError } from '../../core/values';
import type { Delimiter, Encoding } from './fileForm';

/** Opens a delivered file anew, from its first byte. */
export type OpenFile = () => AsyncIterable<Buffer>;

/**
 * Reads a CSV file row by row, as written; a row that is wholly blank is an empty list.
 * @throws ProblemError with the line at which the file stops making sense
 */
export async function* csvRows(
  open: OpenFile,
  encoding: Encoding,
  delimiter: Delimiter,
): AsyncGenerator<string[]> {
  const parser = parse({
    delimiter,
    relax_column_count: true,
    bom: true,
    max_record_size: 1024 * 1024,
  });
  takeAnyLength(parser);
  pipeline(Readable.from(open()), iconv.decodeStream(encoding), parser, () => {
    // Errors reach whoever reads the parser.
  });
  try {
    for await (const row of parser as AsyncIterable<string[]>) {
      yield row.some((cell) => cell !== '' && cell.trim() !== '') ? row : [];
    }
  } catch (error) {
    if (!(error instanceof CsvError)) throw error;
    const row = (error as CsvError & { lines?: number }).lines;
    throw new ProblemError({
      code: 'broken-csv',
      sentence: `The file cannot be read from line ${row} on: ${sayBroken(error.code)} Mend the line, or choose another delimiter.`,
      place: { row },
    });
  }
}

/**
 * Rows may be shorter or longer than the first: whoever reads them lists what is too much. The
 * parser makes an error of each such row before it forgets it again, which takes ten times as long
 * as reading the row, so it is told that every row is as long as it should be.
 */
function takeAnyLength(parser: Parser) {
  const { state } = parser as unknown as { state: { record: unknown[] } };
  Object.defineProperty(state, 'expectedRecordLength', {
    get: () => state.record.length,
    set: () => {},
  });
}

function sayBroken(code: string): string {
  if (code.includes('QUOTE'))
    return 'a quotation mark is opened and not closed, or stands in the middle of a cell.';
  if (code === 'CSV_MAX_RECORD_SIZE') return 'a row is longer than a megabyte.';
  return 'it does not follow the rules of CSV.';
}
