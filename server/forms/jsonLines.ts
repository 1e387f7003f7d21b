import { StringDecoder } from 'node:string_decoder';
import { ProblemError } from '../../core/values';
import { batchRows, type DeliveredFile, type FormReader, type RowBatches } from './form';
import { looksLikeLines } from './json';
import { parsedJson } from './parsedJson';
import { fieldNames, recordRows } from './records';

const longestLine = 1024 * 1024;
/** Long records are read fewer at once. */
const batchLetters = 2 * 1024 * 1024;

/** One JSON record on each line. */
export const jsonLines: FormReader<'jsonLines'> = {
  kind: 'jsonLines',
  recognises: (start, fileName) =>
    looksLikeLines(start) ||
    (/\.(jsonl|ndjson)$/i.test(fileName) && /^\s*\{/.test(start.toString())),
  choose: async () => ({ choices: { kind: 'jsonLines' }, parts: [] }),
  async *rows(file): RowBatches {
    // Fields may come late, and the head stands first: so all names are gathered before.
    const names = new Set<string>();
    for await (const records of recordBatches(file)) fieldNames(records, names);
    let first = true;
    for await (const records of recordBatches(file)) {
      const rows = [...recordRows(records, [...names])];
      yield first ? rows : rows.slice(1);
      first = false;
    }
  },
};

async function* recordBatches(file: DeliveredFile): AsyncGenerator<unknown[]> {
  let batch: unknown[] = [];
  let letters = 0;
  let number = 0;
  for await (const line of lines(file)) {
    number += 1;
    if (!line.trim()) continue;
    batch.push(recordOf(line, number));
    letters += line.length;
    if (batch.length < batchRows && letters < batchLetters) continue;
    yield batch;
    batch = [];
    letters = 0;
  }
  if (batch.length > 0) yield batch;
}

function recordOf(line: string, number: number): unknown {
  try {
    return parsedJson(line);
  } catch {
    throw new ProblemError({
      code: 'broken-json',
      sentence: `Line ${number} is no JSON record. Mend the line, then bring the file in again.`,
      place: { row: number },
    });
  }
}

async function* lines(file: DeliveredFile): AsyncGenerator<string> {
  const decoder = new StringDecoder('utf8');
  let rest = '';
  for await (const part of file.open()) {
    const whole = (rest + decoder.write(part)).split('\n');
    rest = whole.pop() ?? '';
    if (rest.length > longestLine)
      throw new ProblemError({
        code: 'line-too-long',
        sentence:
          'A line of the file is longer than a megabyte. Choose a file with one record a line.',
      });
    for (const line of whole) yield line.replace(/^\ufeff/, '');
  }
  if (rest.trim()) yield rest;
}
