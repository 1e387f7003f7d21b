import type { DeliveryMode } from '../../contract';
import type { CellValue, ColumnKind } from '../../core/table';
import {
  isMerged,
  keyReader,
  keysNotUnique,
  type LaidRow,
  layOver,
  type TypedTable,
  UniqueKeys,
  type StandingTable,
} from '../sources';
import { columnChanges, mostExamples, type RowChanges, shownRow } from './changes';

/**
 * Compares the rows that would stand after a delivery with those that a source has: by keys where rows
 * can be told apart by them, else whole row by whole row.
 * @param keys the columns that tell rows apart; null looks for them
 * @throws ProblemError when rows are to be updated by keys that do not tell them apart
 */
export async function compareTables(
  standing: StandingTable,
  delivered: TypedTable,
  mode: DeliveryMode,
  keys: readonly string[] | null,
): Promise<RowChanges> {
  const sides = sidesOf(standing, delivered, mode);
  const usable = keys && keys.length > 0 ? [...keys] : await tellingKeys(standing, sides);
  const changes: RowChanges = {
    keys: usable ?? [],
    columns: sides.names,
    rows: delivered.rows,
    standing: 0,
    added: { count: 0, examples: [] },
    removed: { count: 0, examples: [] },
    changed: { count: 0, examples: [] },
    ...columnChanges(standing.columns, delivered.columns),
  };
  if (mode === 'append') await compareAppended(standing, delivered, sides, changes);
  else await compareByKey(standing, delivered, sides, mode, changes);
  return changes;
}

/** How rows of both are laid to be compared. */
interface Sides {
  names: string[];
  columns: { kind: ColumnKind }[];
  old(row: readonly CellValue[]): LaidRow;
  fresh(row: readonly CellValue[], before?: LaidRow): LaidRow;
}

/**
 * Where rows of the source stay, those that come stand among them over the columns of both; where all
 * are replaced, only the columns that both have can be compared.
 */
function sidesOf(standing: StandingTable, delivered: TypedTable, mode: DeliveryMode): Sides {
  const all = layOver(standing.columns, delivered.columns);
  const isCompared = (name: string) => {
    const old = standing.columns.find((column) => column.name === name);
    const fresh = delivered.columns.find((column) => column.name === name);
    return old && fresh ? old.kind === fresh.kind : isMerged(mode);
  };
  const places = all.names.flatMap((name, place) => (isCompared(name) ? [place] : []));
  const only = (row: LaidRow) => places.map((place) => row[place] ?? null);
  const whole = (row: LaidRow | undefined) => {
    if (!row) return undefined;
    const laid: CellValue[] = all.names.map(() => null);
    places.forEach((place, at) => (laid[place] = row[at] ?? null));
    return laid;
  };
  return {
    names: places.map((place) => all.names[place] as string),
    columns: places.map((place) => all.columns[place] as { kind: ColumnKind }),
    old: (row) => only(all.standing(row)),
    fresh: (row, before) => only(all.delivered(row, whole(before))),
  };
}

/** Rows that are appended all come; those that stand there already would stand twice. */
async function compareAppended(
  standing: StandingTable,
  delivered: TypedTable,
  sides: Sides,
  changes: RowChanges,
) {
  const there = new Map<string, number>();
  for await (const row of rowsOf(standing)) {
    const text = JSON.stringify(sides.old(row));
    there.set(text, (there.get(text) ?? 0) + 1);
  }
  for await (const row of rowsOf(delivered)) {
    const laid = sides.fresh(row);
    note(changes.added, shownRow(laid, sides.columns));
    const text = JSON.stringify(laid);
    const left = there.get(text) ?? 0;
    if (left === 0) continue;
    there.set(text, left - 1);
    changes.standing += 1;
  }
}

async function compareByKey(
  standing: StandingTable,
  delivered: TypedTable,
  { names, columns, old, fresh }: Sides,
  mode: DeliveryMode,
  changes: RowChanges,
) {
  const { keys } = changes;
  const keyOf = keys.length > 0 ? keyReader(names, keys) : (row: LaidRow) => JSON.stringify(row);
  const isUpdate = mode === 'update';
  const left = new Map<string, LaidRow[]>();
  for await (const stands of rowsOf(standing)) {
    const row = old(stands);
    const key = keyOf(row);
    const same = left.get(key);
    if (same && isUpdate) throw keysNotUnique(keys, 'the source');
    if (same) same.push(row);
    else left.set(key, [row]);
  }
  const own = new UniqueKeys(keys, 'this file');
  for await (const comes of rowsOf(delivered)) {
    const key = keyOf(fresh(comes));
    if (isUpdate) own.add(key);
    const before = left.get(key)?.pop();
    const row = fresh(comes, before);
    if (!before) note(changes.added, shownRow(row, columns));
    else if (before.some((value, place) => value !== row[place]))
      note(changes.changed, { before: shownRow(before, columns), after: shownRow(row, columns) });
  }
  // Rows whose keys do not come stay where rows are only updated.
  if (isUpdate) return;
  for (const rows of left.values())
    for (const row of rows) note(changes.removed, shownRow(row, columns));
}

function note<T>(change: { count: number; examples: T[] }, example: T) {
  change.count += 1;
  if (change.examples.length < mostExamples) change.examples.push(example);
}

async function* rowsOf({ batches }: Pick<TypedTable, 'batches'>) {
  for await (const batch of batches()) yield* batch;
}

/** The dates and words of a row, where no two rows of the source have the same. */
async function tellingKeys(
  standing: StandingTable,
  { names, columns, old }: Sides,
): Promise<string[] | null> {
  const both = (name: string) => standing.columns.some((column) => column.name === name);
  const keys = names.filter((name, place) => columns[place]?.kind !== 'number' && both(name));
  if (keys.length === 0) return null;
  const keyOf = keyReader(names, keys);
  const seen = new Set<string>();
  for await (const row of rowsOf(standing)) {
    const key = keyOf(old(row));
    if (seen.has(key)) return null;
    seen.add(key);
  }
  return keys;
}
