import type { Cell } from '../../core/table';
import { ProblemError } from '../../core/values';
import { type DeliveredFile, type FormReader, inBatches, type RowBatches } from './form';
import { fieldNames, recordRows, scalar } from './records';
import { parsedJson } from './parsedJson';
import { recogniseEncoding } from './recogniseText';
import { wholeFile } from './wholeFile';
import iconv from 'iconv-lite';

/** One JSON document: an array of records, or a record with such an array somewhere in it. */
export const json: FormReader<'json'> = {
  kind: 'json',
  recognises: (start) => /^\s*[[{]/.test(startText(start)) && !looksLikeLines(start),
  async choose(file, _start, given) {
    const arrays = findArrays(await documentOf(file));
    const parts = arrays.map(({ path }) => path);
    const lacks = given.path !== undefined && !parts.includes(given.path) ? given.path : null;
    const longest = [...arrays].sort((a, b) => b.items.length - a.items.length)[0];
    const path = lacks === null ? (given.path ?? longest?.path) : longest?.path;
    if (path === undefined) throw noArray();
    return { choices: { kind: 'json', path }, parts, lacks };
  },
  async *rows(file, { path = '' }): RowBatches {
    const found = findArrays(await documentOf(file)).find((each) => each.path === path);
    if (!found) throw noArray();
    yield* inBatches(rowsOf(found.items));
  },
};

const startText = (start: Buffer) =>
  start[0] === 0xef ? start.subarray(3).toString('utf8') : start.toString('utf8');

/** Whether each of the first lines is a record of its own. */
export function looksLikeLines(start: Buffer): boolean {
  const lines = startText(start)
    .split(/\r?\n/)
    .filter((line) => line.trim());
  const whole = lines.slice(0, Math.max(1, Math.min(5, lines.length - 1)));
  return lines.length > 1 && whole.every((line) => line.trim().startsWith('{') && isJson(line));
}

function isJson(text: string): boolean {
  try {
    JSON.parse(text);
    return true;
  } catch {
    return false;
  }
}

const noArray = () =>
  new ProblemError({
    code: 'no-array',
    sentence:
      'The document holds no list of records. Choose a file with one row, or record, a period.',
  });

async function documentOf(file: DeliveredFile): Promise<unknown> {
  const content = await wholeFile(file);
  const text = iconv.decode(content, recogniseEncoding(content.subarray(0, 4096)));
  try {
    return parsedJson(text);
  } catch (error) {
    const place = /line (\d+) column (\d+)/.exec(String(error));
    const at = place ? ` at line ${place[1]}, column ${place[2]}` : '';
    throw new ProblemError({
      code: 'broken-json',
      sentence: `The file is no whole JSON document${at}. Save it again, or bring in another.`,
    });
  }
}

/** Lists deeper than this are not looked for. */
const deepest = 8;
const mostLists = 30;

/** The lists in a document, with the names that lead to them. */
function findArrays(document: unknown): { path: string; items: unknown[] }[] {
  const found: { path: string; items: unknown[] }[] = [];
  let level = [{ path: '', value: document }];
  for (
    let depth = 0;
    depth <= deepest && level.length > 0 && found.length < mostLists;
    depth += 1
  ) {
    const next: typeof level = [];
    for (const { path, value } of level) {
      if (Array.isArray(value)) found.push({ path, items: value });
      else if (value !== null && typeof value === 'object') {
        const columns = sideBySide(value);
        if (columns) found.push({ path, items: columns });
        for (const [name, inner] of Object.entries(value).slice(0, 500))
          next.push({ path: path ? `${path}.${name}` : name, value: inner });
      }
    }
    level = next;
  }
  return found.filter(({ items }) => items.length > 0).slice(0, mostLists);
}

/** A record of equally long lists is a table that was written column by column. */
function sideBySide(value: object): Cell[][] | null {
  const columns = Object.entries(value);
  const length = Array.isArray(columns[0]?.[1]) ? columns[0][1].length : 0;
  const plain = (cell: unknown) => cell === null || typeof cell !== 'object';
  const fits =
    columns.length > 1 &&
    length > 0 &&
    columns.every(
      ([, cells]) => Array.isArray(cells) && cells.length === length && cells.every(plain),
    );
  if (!fits) return null;
  const head = columns.map(([name]) => name);
  const body = Array.from({ length }, (_, row) =>
    columns.map(([, cells]) => scalar((cells as unknown[])[row])),
  );
  return [head, ...body];
}

/** A list of lists is rows as they stand; a list of records gets a head. */
function rowsOf(items: unknown[]): Iterable<Cell[]> {
  if (items.every((item): item is unknown[] => Array.isArray(item))) return cellRows(items);
  return recordRows(items, fieldNames(items));
}

function* cellRows(items: unknown[][]): Generator<Cell[]> {
  for (const item of items) yield item.map((cell) => scalar(cell));
}
