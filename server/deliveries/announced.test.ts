import fc from 'fast-check';
import type { DeliveryMode } from '../../contract';
import type { CellValue, Profile } from '../../core/table';
import { ProblemError } from '../../core/values';
import { mergeTables, type TypedTable, type StandingTable } from '../sources';
import { compareTables } from './compare';

type Rows = readonly (readonly CellValue[])[];

interface Given {
  columns: string[];
  rows: Rows;
}

const profile = {
  blank: 0,
  decimals: 0,
  largest: 9,
  distinct: 1,
  range: null,
  bins: [],
  common: [],
};

const kinds = { Day: 'date', Route: 'text', Fares: 'number', Fuel: 'number' } as const;
const columnOf = (name: string) => ({
  name,
  kind: kinds[name as keyof typeof kinds],
  datePattern: null,
});

async function* inParts(rows: Rows) {
  for (let from = 0; from < rows.length; from += 3)
    yield await Promise.resolve(rows.slice(from, from + 3).map((row) => [...row]));
}

const standingOf = ({ columns, rows }: Given): StandingTable => ({
  columns: columns.map((name) => ({
    ...columnOf(name),
    decimals: 0,
    words: 0,
    profile: { ...profile, doubtful: 0 },
  })),
  count: rows.length,
  batches: () => inParts(rows),
});

const deliveredOf = ({ columns, rows }: Given): TypedTable => ({
  columns: columns.map(columnOf),
  found: columns.map((): Profile => profile),
  rows: rows.length,
  batches: () => inParts(rows),
});

async function rowsOf({ batches }: Pick<TypedTable, 'batches'>): Promise<Rows> {
  const rows: (readonly CellValue[])[] = [];
  for await (const batch of batches()) rows.push(...batch);
  return rows;
}

/** Rows by the values of their columns' names, so that columns may stand in any order. */
const named = (columns: readonly string[], rows: Rows) =>
  rows.map((row) => Object.fromEntries(columns.map((name, at) => [name, row[at] ?? null])));

const textOf = (row: Record<string, CellValue>, names: readonly string[]) =>
  JSON.stringify(names.map((name) => row[name] ?? null));

/** What has really become of rows, told by keys, or by whole rows where there are none. */
function differences(
  before: Given,
  after: Given,
  keys: readonly string[],
  names: readonly string[],
) {
  const left = new Map<string, Record<string, CellValue>[]>();
  const keyOf = (row: Record<string, CellValue>) => textOf(row, keys.length > 0 ? keys : names);
  for (const row of named(before.columns, before.rows))
    left.set(keyOf(row), [...(left.get(keyOf(row)) ?? []), row]);
  let [added, changed] = [0, 0];
  for (const row of named(after.columns, after.rows)) {
    const old = left.get(keyOf(row))?.pop();
    if (!old) added += 1;
    else if (textOf(old, names) !== textOf(row, names)) changed += 1;
  }
  return { added, changed, removed: [...left.values()].flat().length };
}

const cells: Record<string, fc.Arbitrary<CellValue>> = {
  Day: fc.integer({ min: 1, max: 6 }),
  Route: fc.constantFrom('North', 'South', null),
  Fares: fc.constantFrom(1, 2.5, null),
  Fuel: fc.constantFrom(7, null),
};

/** Tables of some of the columns, in any order; in half of them each day stands once. */
const table = fc
  .subarray(['Route', 'Fares', 'Fuel'])
  .chain((some) => fc.shuffledSubarray(['Day', ...some], { minLength: some.length + 1 }))
  .chain((columns) => {
    const row = fc.tuple(...columns.map((name) => cells[name] as fc.Arbitrary<CellValue>));
    const selector = (cellsOfRow: readonly CellValue[]) => cellsOfRow[columns.indexOf('Day')];
    const rows = fc.oneof(
      fc.array(row, { maxLength: 9 }),
      fc.uniqueArray(row, { selector, maxLength: 6 }),
    );
    return fc.record({ columns: fc.constant(columns), rows });
  });

const keysOf = fc.constantFrom(['Day'], ['Day', 'Route']);
const modes = fc.constantFrom<DeliveryMode>('append', 'update', 'replace');

it('changes just what was announced, whatever the tables', async () => {
  let changed = 0;
  await fc.assert(
    fc.asyncProperty(table, table, modes, keysOf, async (before, file, mode, keys) => {
      const [standing, delivered] = [standingOf(before), deliveredOf(file)];
      const asked = mode === 'update' ? keys : [];
      const all = [...new Set([...before.columns, ...file.columns])];
      const attempt = async () => {
        const merged =
          mode === 'replace' ? delivered : mergeTables(standing, delivered, { mode, keys: asked });
        return { columns: merged.columns.map(({ name }) => name), rows: await rowsOf(merged) };
      };
      const said = compareTables(standing, delivered, mode, asked.length > 0 ? asked : null);
      let after: Given;
      try {
        after = await attempt();
      } catch (error) {
        // What cannot be done is refused before as well.
        expect(error).toBeInstanceOf(ProblemError);
        return expect(said).rejects.toBeInstanceOf(ProblemError);
      }
      const announced = await said;
      const names =
        mode === 'replace' ? before.columns.filter((name) => file.columns.includes(name)) : all;
      // Appended rows are all added, also those that stand there already.
      const told = mode === 'append' ? [] : announced.keys;
      const done = differences(before, after, told, names);
      expect({
        added: announced.added.count,
        changed: announced.changed.count,
        removed: announced.removed.count,
      }).toEqual(done);
      changed += done.changed;
      if (mode !== 'update') return;
      // What the file says nothing of stays.
      const kept = before.columns.filter((name) => !file.columns.includes(name));
      for (const row of named(before.columns, before.rows))
        expect(
          named(after.columns, after.rows).map((each) => textOf(each, [...keys, ...kept])),
        ).toContain(textOf(row, [...keys, ...kept]));
    }),
    { numRuns: 500 },
  );
  expect(changed).toBeGreaterThan(20);
});

it('counts the rows of a file that are appended though they stand there already', async () => {
  const before = {
    columns: ['Day', 'Fares'],
    rows: [
      [1, 2],
      [1, 2],
      [2, 5],
    ],
  };
  const file = {
    columns: ['Day', 'Fares'],
    rows: [
      [1, 2],
      [2, 5],
      [2, 5],
      [3, 1],
    ],
  };
  const found = await compareTables(standingOf(before), deliveredOf(file), 'append', null);
  expect(found).toMatchObject({ added: { count: 4 }, standing: 2 });
});

it.each([
  ['this file', { columns: ['Day'], rows: [[1], [1]] }, { columns: ['Day'], rows: [[1]] }],
  ['the source', { columns: ['Day'], rows: [[1]] }, { columns: ['Day'], rows: [[1], [1]] }],
])('refuses keys that do not tell the rows of %s apart', async (where, file, before) => {
  const compared = compareTables(standingOf(before), deliveredOf(file), 'update', ['Day']);
  await expect(compared).rejects.toThrow(`several rows of ${where} have the same`);
});
