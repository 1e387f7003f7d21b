import Papa from 'papaparse';
import iconv from 'iconv-lite';
import type { ChoicesOf } from '../../contract';
import type { Cell } from '../../core/table';
import { ProblemError, wellFormed } from '../../core/values';
import { type DeliveredFile, type FormReader, inBatches, type RowBatches } from './form';
import { recogniseDelimiter, recogniseEncoding } from './recogniseText';

/** Rows of text whose cells end at a delimiter: CSV and its kin, or cells pasted from a spreadsheet. */
export const delimited: FormReader<'delimited'> = {
  kind: 'delimited',
  // Whatever is text and nothing else.
  recognises: () => true,
  async choose(_file, start, given) {
    const encoding = given.encoding ?? recogniseEncoding(start);
    const kept = given.delimiter;
    // One that stands nowhere is that of another file.
    const delimiter =
      kept !== undefined && iconv.decode(start, encoding).includes(kept)
        ? kept
        : recogniseDelimiter(start, encoding);
    return { choices: { kind: 'delimited', encoding, delimiter }, parts: [] };
  },
  rows: readRows,
};

/** A row that is longer was begun by a quotation mark that nobody closed. */
const longestRow = 1024 * 1024;

/** Reads row by row, as written; a row that is wholly blank is an empty list. */
async function* readRows(
  file: DeliveredFile,
  { encoding = 'utf-8', delimiter = ',' }: ChoicesOf<'delimited'>,
): RowBatches {
  const parser = new Papa.Parser({ delimiter, newline: '\n' });
  let rest = '';
  let rows = 0;
  const take = (text: string, isLast: boolean) => {
    const { data, errors, meta } = parser.parse(text, 0, !isLast) as Papa.ParseResult<string[]>;
    const unclosed = errors.find(({ code }) => code === 'MissingQuotes');
    if (unclosed && (isLast || text.length - meta.cursor > longestRow))
      throw unclosedQuote(rows + (unclosed.row ?? 0) + 1);
    rest = isLast ? '' : text.slice(meta.cursor);
    rows += data.length;
    return data.map((row) =>
      row.some((cell) => cell !== '' && cell.trim() !== '') ? row.map(asMeant) : [],
    ) satisfies Cell[][];
  };
  for await (const text of textOf(file, encoding)) {
    const whole = rest + text;
    yield* inBatches(take(whole, false));
    if (rest.length > longestRow) throw unclosedQuote(rows + 1);
  }
  if (rest) yield* inBatches(take(rest, true));
}

/** What begins as a formula is written with an apostrophe before it, so that none is run. */
const neutralised = /^'[=+\-@\t\r]/;

const asMeant = (cell: string) => (neutralised.test(cell) ? cell.slice(1) : cell);

/** The text of a file, part by part; all its lines end alike. */
async function* textOf(file: DeliveredFile, encoding: string): AsyncGenerator<string> {
  const decoder = iconv.getDecoder(encoding);
  let held = '';
  let first = true;
  for await (const part of file.open()) {
    let text = held + decoder.write(part);
    if (first && text !== '') {
      text = text.replace(/^\ufeff/, '');
      first = false;
    }
    // The other half of a line's end may come with the next part.
    held = text.endsWith('\r') ? '\r' : '';
    yield cleanText(held ? text.slice(0, -1) : text, encoding);
  }
  yield cleanText(held + (decoder.end() ?? ''), encoding);
}

/** Lines that end alike, and no half characters, which only UTF-16 can hold. */
function cleanText(text: string, encoding: string): string {
  const ended = text.includes('\r') ? text.replace(/\r\n?/g, '\n') : text;
  return encoding.startsWith('utf-16') ? wellFormed(ended) : ended;
}

const unclosedQuote = (row: number) =>
  new ProblemError({
    code: 'broken-csv',
    sentence: `The file cannot be read from row ${row} on: a quotation mark is opened and not closed. Mend the row, or choose another delimiter.`,
    place: { row },
  });
