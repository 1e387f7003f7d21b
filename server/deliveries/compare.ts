import type { Changes, DeliveryMode, ShownRow } from '../../contract';
import { formatDay } from '../../core/calendar';
import type { CellValue, ColumnKind } from '../../core/table';
import { keyReader, type TypedTable, type VersionRows } from '../sources';

const mostExamples = 5;

/** What a delivery would change, but for the charts that it would touch. */
export type RowChanges = Omit<Changes, 'charts' | 'builtOn'>;

/**
 * Compares delivered rows with those that a source has: by keys where rows can be told apart by them,
 * else whole row by whole row.
 * @param keys the columns that tell rows apart; null looks for them
 */
export async function compareTables(
  standing: VersionRows,
  delivered: TypedTable,
  mode: DeliveryMode,
  keys: readonly string[] | null,
): Promise<RowChanges> {
  const common = standing.columns.filter((old) =>
    delivered.columns.some(({ name, kind }) => name === old.name && kind === old.kind),
  );
  const side = {
    old: common.map(({ name }) => standing.columns.findIndex((each) => each.name === name)),
    fresh: common.map(({ name }) => delivered.columns.findIndex((each) => each.name === name)),
  };
  const names = common.map(({ name }) => name);
  const kinds = common.map(({ kind }) => kind);
  const usable = await tellingKeys(standing, names, kinds, side.old, keys);
  const changes: RowChanges = {
    ...{ keys: usable ?? [], columns: names, rows: delivered.rows },
    added: { count: 0, examples: [] },
    removed: { count: 0, examples: [] },
    changed: { count: 0, examples: [] },
    ...columnChanges(standing, delivered),
  };
  if (mode === 'append') {
    for await (const row of rowsOf(delivered, side.fresh)) note(changes.added, shown(row, kinds));
    return changes;
  }
  const keyOf = usable
    ? keyReader(names, usable)
    : (row: readonly CellValue[]) => JSON.stringify(row);
  const left = new Map<string, CellValue[][]>();
  for await (const row of rowsOf(standing, side.old)) {
    const key = keyOf(row);
    const same = left.get(key);
    if (same) same.push(row);
    else left.set(key, [row]);
  }
  for await (const row of rowsOf(delivered, side.fresh)) {
    const key = keyOf(row);
    const before = left.get(key)?.pop();
    if (!before) note(changes.added, shown(row, kinds));
    else if (before.some((value, place) => value !== row[place]))
      note(changes.changed, { before: shown(before, kinds), after: shown(row, kinds) });
  }
  // Rows whose keys do not come stay where rows are only updated.
  if (mode !== 'update')
    for (const rows of left.values())
      for (const row of rows) note(changes.removed, shown(row, kinds));
  return changes;
}

function note<T>(change: { count: number; examples: T[] }, example: T) {
  change.count += 1;
  if (change.examples.length < mostExamples) change.examples.push(example);
}

const shown = (row: readonly CellValue[], kinds: readonly ColumnKind[]): ShownRow =>
  row.map((value, place) => {
    if (value === null) return null;
    return kinds[place] === 'date' && typeof value === 'number' ? formatDay(value) : String(value);
  });

async function* rowsOf(
  { batches }: Pick<TypedTable, 'batches'>,
  places: readonly number[],
): AsyncGenerator<CellValue[]> {
  for await (const batch of batches())
    for (const row of batch) yield places.map((place) => row[place] ?? null);
}

/** The dates and words of a row, where no two rows of the source have the same. */
async function tellingKeys(
  standing: VersionRows,
  names: readonly string[],
  kinds: readonly ColumnKind[],
  places: readonly number[],
  given: readonly string[] | null,
): Promise<string[] | null> {
  if (given && given.length > 0) return [...given];
  const keys = names.filter((_, place) => kinds[place] !== 'number');
  if (keys.length === 0) return null;
  const keyOf = keyReader(names, keys);
  const seen = new Set<string>();
  for await (const row of rowsOf(standing, places)) {
    const key = keyOf(row);
    if (seen.has(key)) return null;
    seen.add(key);
  }
  return keys;
}

function columnChanges(
  standing: VersionRows,
  delivered: TypedTable,
): Pick<Changes, 'newColumns' | 'goneColumns' | 'retyped'> {
  const find = (columns: readonly { name: string; kind: ColumnKind }[], wanted: string) =>
    columns.find(({ name }) => name === wanted);
  return {
    newColumns: delivered.columns
      .map(({ name }) => name)
      .filter((name) => !find(standing.columns, name)),
    goneColumns: standing.columns
      .map(({ name }) => name)
      .filter((name) => !find(delivered.columns, name)),
    retyped: standing.columns.flatMap(({ name, kind }) => {
      const now = find(delivered.columns, name);
      return now && now.kind !== kind ? [{ column: name, from: kind, to: now.kind }] : [];
    }),
  };
}
