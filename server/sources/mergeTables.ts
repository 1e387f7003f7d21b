import type { DeliveryMode } from '../../contract';
import type { Profile } from '../../core/table';
import { ProblemError } from '../../core/values';
import type { StoredColumn } from '../database';
import { keyReader, type LaidOver, type LaidRow, layOver, UniqueKeys } from './layOver';
import type { TypedTable } from './typedTable';
import type { VersionRows } from './versionRows';

const kindWords = { date: 'dates', number: 'figures', text: 'words' };

/**
 * Puts delivered rows to those that a source has: after them, or in the place of those with the same
 * keys. A column that the file lacks keeps what stands there; one that the source lacks is blank in the
 * rows that stay.
 * @param options whether rows are added or laid over, and by which key
 * @throws ProblemError when a column holds another kind of thing, a key is not there, or keys do not
 *   tell rows apart (while its rows are read)
 */
export function mergeTables(
  standing: VersionRows,
  delivered: TypedTable,
  { mode, keys }: { mode: DeliveryMode; keys: readonly string[] },
): TypedTable {
  checkKinds(standing, delivered);
  const laid = layOver(standing.columns, delivered.columns);
  const found = laid.names.map((name) => {
    const old = standing.columns.find((column) => column.name === name);
    const place = delivered.columns.findIndex((column) => column.name === name);
    return roomFor(old, delivered.found[place], standing.count);
  });
  // Wrong keys are told before anything is read.
  keyReader(laid.names, keys);
  return {
    columns: laid.columns,
    found,
    rows: standing.count + delivered.rows,
    together: true,
    batches: () =>
      mode === 'update'
        ? updated(standing, delivered, laid, keys)
        : appended(standing, delivered, laid),
  };
}

async function* appended(standing: VersionRows, delivered: TypedTable, laid: LaidOver) {
  for await (const batch of standing.batches()) yield batch.map((row) => laid.standing(row));
  for await (const batch of delivered.batches()) yield batch.map((row) => laid.delivered(row));
}

async function* updated(
  standing: VersionRows,
  delivered: TypedTable,
  laid: LaidOver,
  keys: readonly string[],
) {
  const keyOf = keyReader(laid.names, keys);
  const replaced = new UniqueKeys(keys, 'this file');
  for await (const batch of delivered.batches())
    for (const row of batch) replaced.add(keyOf(laid.delivered(row)));
  const before = await rowsBefore(standing, laid, keys, replaced);
  for await (const batch of delivered.batches())
    yield batch.map((row) => laid.delivered(row, before.get(keyOf(laid.delivered(row)))));
  for await (const batch of standing.batches())
    yield batch.map((row) => laid.standing(row)).filter((row) => !replaced.has(keyOf(row)));
}

/** The rows whose places are taken, where the file does not have all of their columns. */
async function rowsBefore(
  standing: VersionRows,
  laid: LaidOver,
  keys: readonly string[],
  replaced: UniqueKeys,
): Promise<Map<string, LaidRow>> {
  const keyOf = keyReader(laid.names, keys);
  const met = new UniqueKeys(keys, 'the source');
  const before = new Map<string, LaidRow>();
  for await (const batch of standing.batches())
    for (const stands of batch) {
      const row = laid.standing(stands);
      const key = keyOf(row);
      met.add(key);
      if (laid.lacks && replaced.has(key)) before.set(key, row);
    }
  return before;
}

function checkKinds(standing: VersionRows, delivered: TypedTable) {
  for (const column of delivered.columns) {
    const old = standing.columns.find(({ name }) => name === column.name);
    if (!old || old.kind === column.kind) continue;
    throw new ProblemError({
      code: 'retyped',
      sentence: `“${column.name}” holds ${kindWords[old.kind]} in the source and ${kindWords[column.kind]} in this file. Correct how the column is read, or replace all rows.`,
      place: { column: column.name },
    });
  }
}

/** What both sides together need room for. */
function roomFor(old: StoredColumn | undefined, added: Profile | undefined, rows: number): Profile {
  const range = old?.profile?.range;
  // Of what came in before it was looked at, only the widest can be supposed.
  const largest = range ? Math.max(...range.map(Math.abs)) : old && !old.profile ? 1e15 : 0;
  const held = old?.profile ? rows - old.profile.blank : old ? rows : 0;
  return {
    blank: 0,
    range: null,
    bins: [],
    common: [],
    distinct: held + (added?.distinct ?? 0),
    decimals: Math.max(old?.decimals ?? 0, added?.decimals ?? 0),
    largest: Math.max(largest, added?.largest ?? 0),
  };
}
