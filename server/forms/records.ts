import type { Cell } from '../../core/table';
import { ProblemError, wellFormed } from '../../core/values';

/** Records nested deeper than this are none of a table. */
const deepest = 32;

type Fields = Map<string, Cell>;

/** Between the names of a record and of the record within it. */
const joint = '.';

/**
 * Lays a record out flat: a record within it gives fields of both names, a list is written as text.
 * @param record what a reader of JSON or Parquet gives
 */
export function flatFields(
  record: unknown,
  fields: Fields = new Map(),
  path = '',
  depth = 0,
): Fields {
  if (depth > deepest)
    throw new ProblemError({
      code: 'nested-too-deeply',
      sentence: `The records are nested more than ${deepest} deep. Bring in a flatter file.`,
    });
  const isRecord =
    record !== null &&
    typeof record === 'object' &&
    !Array.isArray(record) &&
    !(record instanceof Date);
  if (!isRecord) return fields.set(path || 'value', scalar(record));
  for (const [name, value] of Object.entries(record))
    flatFields(value, fields, wellFormed(path ? `${path}${joint}${name}` : name), depth + 1);
  return fields;
}

function scalar(value: unknown): Cell {
  if (value === null || value === undefined) return '';
  if (typeof value === 'number') return Number.isFinite(value) ? value : '';
  if (typeof value === 'string') return wellFormed(value);
  if (typeof value === 'bigint')
    return Number.isSafeInteger(Number(value)) ? Number(value) : String(value);
  if (value instanceof Date) return dateText(value);
  if (value instanceof Uint8Array) return Buffer.from(value).toString('utf8');
  if (Array.isArray(value)) return value.map((each) => String(scalar(each))).join(', ');
  return typeof value === 'boolean' ? String(value) : JSON.stringify(value);
}

/** A moment without an offset: the file says none. Midnight is a date. */
function dateText(date: Date): string {
  if (Number.isNaN(date.getTime())) return '';
  return date
    .toISOString()
    .replace(/T00:00:00\.000Z$/, '')
    .replace(/\.\d+Z$|Z$/, '');
}

/** Rows of cells from records, a head with the names of their fields before them. */
export function* recordRows(
  records: Iterable<unknown>,
  names: readonly string[],
): Generator<Cell[]> {
  yield [...names];
  for (const record of records) {
    const fields = flatFields(record);
    yield names.map((name) => fields.get(name) ?? '');
  }
}

/** The names of all fields that any record has, in the order in which they come. */
export function fieldNames(records: Iterable<unknown>, most: number): string[] {
  const names = new Set<string>();
  for (const record of records) {
    for (const name of flatFields(record).keys()) names.add(name);
    if (names.size > most) break;
  }
  return [...names];
}
