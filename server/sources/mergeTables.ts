import type { DeliveryMode } from '../../contract';
import { ProblemError } from '../../core/values';
import { keyReader, type LaidOver, type LaidRow, layOver, UniqueKeys } from './layOver';
import type { TypedTable } from './typedTable';
import type { StandingTable } from './versionRows';

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
  standing: StandingTable,
  delivered: TypedTable,
  { mode, keys }: { mode: DeliveryMode; keys: readonly string[] },
): TypedTable {
  checkKinds(standing, delivered);
  const laid = layOver(standing.columns, delivered.columns);
  // Wrong keys are told before anything is read.
  keyReader(laid.names, keys);
  return {
    columns: laid.columns,
    found: null,
    rows: standing.count + delivered.rows,
    batches: () =>
      mode === 'update'
        ? updated(standing, delivered, laid, keys)
        : appended(standing, delivered, laid),
  };
}

async function* appended(standing: StandingTable, delivered: TypedTable, laid: LaidOver) {
  for await (const batch of standing.batches()) yield batch.map((row) => laid.standing(row));
  for await (const batch of delivered.batches()) yield batch.map((row) => laid.delivered(row));
}

async function* updated(
  standing: StandingTable,
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
  standing: StandingTable,
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

/** @throws ProblemError when a column holds another kind of thing than in the source */
export function checkKinds(standing: StandingTable, delivered: TypedTable) {
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
