import type { Cell } from '../../core/table';
import { wellFormed } from '../../core/values';
import { nestedTooDeeply, tooManyFields } from './refusals';

/** Records nested deeper than this are none of a table. */
const deepest = 32;

/** Of a record with more fields than this no table is made. */
export const mostFields = 2000;

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
  if (depth > deepest) throw nestedTooDeeply(deepest);
  const isRecord =
    record !== null &&
    typeof record === 'object' &&
    !Array.isArray(record) &&
    !(record instanceof Date);
  if (!isRecord) return fields.set(path || 'value', scalar(record, depth));
  for (const [name, value] of Object.entries(record))
    flatFields(value, fields, wellFormed(path ? `${path}${joint}${name}` : name), depth + 1);
  if (fields.size > mostFields) throw tooManyFields(mostFields);
  return fields;
}

/** A value as one cell; a list is written as text. */
export function scalar(value: unknown, depth = 0): Cell {
  if (depth > deepest) throw nestedTooDeeply(deepest);
  if (value === null || value === undefined) return '';
  if (typeof value === 'number') return Number.isFinite(value) ? value : '';
  if (typeof value === 'string') return wellFormed(value);
  if (typeof value === 'bigint')
    return Number.isSafeInteger(Number(value)) ? Number(value) : String(value);
  if (value instanceof Date) return dateText(value);
  if (value instanceof Uint8Array) return Buffer.from(value).toString('utf8');
  if (Array.isArray(value)) return value.map((each) => String(scalar(each, depth + 1))).join(', ');
  if (typeof value !== 'object') return String(value);
  for (const inner of Object.values(value)) scalar(inner, depth + 1);
  return JSON.stringify(value);
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

/**
 * The names of all fields that any record has, in the order in which they come.
 * @throws ProblemError when they are too many for a table
 */
export function fieldNames(records: Iterable<unknown>, names = new Set<string>()): string[] {
  for (const record of records) {
    for (const name of flatFields(record).keys()) names.add(name);
    if (names.size > mostFields) throw tooManyFields(mostFields);
  }
  return [...names];
}
