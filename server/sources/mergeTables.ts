import type { DeliveryMode } from '../../contract';
import type { CellValue, Profile } from '../../core/table';
import { ProblemError } from '../../core/values';
import type { StoredColumn } from '../database';
import type { TypedTable } from './storeVersion';
import type { VersionRows } from './versionRows';

const kindWords = { date: 'dates', number: 'figures', text: 'words' };

/**
 * Puts delivered rows to those that a source has: after them, or in the place of those with the same
 * keys. A column that one side lacks is blank there.
 * @throws ProblemError when a column holds another kind of thing, or a key is not there
 */
export function mergeTables(
  standing: VersionRows,
  delivered: TypedTable,
  { mode, keys }: { mode: DeliveryMode; keys: readonly string[] },
): TypedTable {
  checkKinds(standing, delivered);
  const fresh = delivered.columns.filter(
    ({ name }) => !standing.columns.some((column) => column.name === name),
  );
  const columns = [...standing.columns.map(understandingOf), ...fresh];
  const names = columns.map(({ name }) => name);
  const places = {
    standing: placesOf(names, standing.columns),
    delivered: placesOf(names, delivered.columns),
  };
  const found = columns.map(({ name }) => {
    const old = standing.columns.find((column) => column.name === name);
    const place = delivered.columns.findIndex((column) => column.name === name);
    return roomFor(old, delivered.found[place], standing.count);
  });
  const keyOf = mode === 'update' ? keyReader(names, keys) : null;
  return {
    columns,
    found,
    rows: standing.count + delivered.rows,
    together: true,
    async *batches() {
      const replaced = new Set<string>();
      if (!keyOf) for await (const batch of standing.batches()) yield laid(batch, places.standing);
      for await (const batch of delivered.batches()) {
        const rows = laid(batch, places.delivered);
        if (keyOf) for (const row of rows) replaced.add(keyOf(row));
        yield rows;
      }
      if (keyOf)
        for await (const batch of standing.batches())
          yield laid(batch, places.standing).filter((row) => !replaced.has(keyOf(row)));
    },
  };
}

const understandingOf = ({
  decimals: _,
  words: __,
  coded: ___,
  profile: ____,
  ...column
}: StoredColumn) => column;

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

const placesOf = (names: readonly string[], columns: readonly { name: string }[]) =>
  names.map((name) => columns.findIndex((column) => column.name === name));

const laid = (rows: readonly (readonly CellValue[])[], places: readonly number[]): CellValue[][] =>
  rows.map((row) => places.map((place) => row[place] ?? null));

/** What both sides together need room for. */
function roomFor(old: StoredColumn | undefined, added: Profile | undefined, rows: number): Profile {
  const range = old?.profile?.range;
  // Of what came in before it was looked at, only the widest can be supposed.
  const largest = range ? Math.max(...range.map(Math.abs)) : old && !old.profile ? 1e15 : 0;
  const held = old?.profile ? rows - old.profile.blank : old ? rows : 0;
  return {
    ...{ blank: 0, range: null, bins: [], common: [], distinct: held + (added?.distinct ?? 0) },
    decimals: Math.max(old?.decimals ?? 0, added?.decimals ?? 0),
    largest: Math.max(largest, added?.largest ?? 0),
  };
}

/**
 * Makes the reader of a row's key.
 * @throws ProblemError when a key is no column
 */
export function keyReader(names: readonly string[], keys: readonly string[]) {
  const places = keys.map((key) => {
    const place = names.indexOf(key);
    if (place >= 0) return place;
    throw new ProblemError({
      code: 'column-missing',
      sentence: `There is no column “${key}” to tell the rows apart by. Choose another.`,
      place: { column: key },
    });
  });
  return (row: readonly CellValue[]) => JSON.stringify(places.map((place) => row[place] ?? null));
}
