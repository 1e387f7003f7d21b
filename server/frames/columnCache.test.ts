import type { Database, StoredColumn } from '../database';
import { ColumnCache } from './columnCache';
import type { VersionColumns } from './versionColumns';

const column = (name: string, kind: StoredColumn['kind'], more = {}): StoredColumn => ({
  name,
  kind,
  datePattern: null,
  decimals: 1,
  words: 2,
  ...more,
});

const version: VersionColumns = {
  versionId: 7,
  rows: 3,
  columns: [
    column('Day', 'date'),
    column('Fares', 'number'),
    column('Route', 'text', { coded: true }),
    column('Old route', 'text'),
  ],
};

const cells: Record<string, (number | string | null)[]> = {
  'TO_DAYS(c0) - 719528': [10, null, 12],
  'CAST(c1 AS DOUBLE)': [1.5, 2.5, null],
  c2: [0, 2, null],
  c3: ['B', 'A', 'B'],
};

/** A database that answers as MariaDB does, and remembers what it was asked. */
function fakeDatabase({ fails = 0 } = {}) {
  const asked: string[] = [];
  let failures = fails;
  const execute = async ({ sql }: { sql: string }) => {
    asked.push(sql);
    await new Promise((done) => setTimeout(done, 5));
    if (failures-- > 0) throw new Error('away');
    if (sql.includes('words_7'))
      return [
        [
          [0, 'North'],
          [1, 'South'],
          [2, 'North'],
        ],
      ];
    const names = /SELECT `row`, (.*) FROM/.exec(sql)?.[1]?.split(', ') ?? [];
    return [[0, 1, 2].map((row) => [row, ...names.map((name) => cells[name]?.[row] ?? null)])];
  };
  return { asked, database: { $client: { execute } } as unknown as Database };
}

it('reads all columns in one walk, and once for all who ask meanwhile', async () => {
  const { asked, database } = fakeDatabase();
  const cache = new ColumnCache(database, 1e6);
  const names = ['Fares', 'Day', 'Gone'];
  const tables = await Promise.all(Array.from({ length: 8 }, () => cache.table(version, names)));
  expect(asked).toHaveLength(1);
  expect(tables[7]?.columns.map(({ name }) => name)).toEqual(['Day', 'Fares']);
  await cache.table(version, ['Fares', 'Route']);
  // What is there already is not read again; the words come with their codes.
  expect(asked.slice(1)).toEqual([
    expect.stringContaining('`row`, c2 FROM facts_7'),
    expect.stringContaining('words_7'),
  ]);
});

it('reads blanks as blank, and a word of several codes as one', async () => {
  const cache = new ColumnCache(fakeDatabase().database, 1e6);
  const { columns } = await cache.table(version, ['Day', 'Fares', 'Route', 'Old route']);
  expect(columns).toMatchObject([
    { distinct: [10, 12] },
    { blanks: 1, largest: 2.5 },
    { words: ['North', 'South'], codes: new Int32Array([0, 0, -1]) },
    { words: ['B', 'A'], codes: new Int32Array([0, 1, 0]) },
  ]);
});

it('lets the least recently used go when there is no room, and asks again after a failure', async () => {
  const { asked, database } = fakeDatabase({ fails: 1 });
  const cache = new ColumnCache(database, 200);
  await expect(cache.table(version, ['Day'])).rejects.toThrow('away');
  await cache.table(version, ['Day']);
  await cache.table(version, ['Fares']);
  await cache.table(version, ['Day']);
  expect(asked).toHaveLength(3);
  await cache.table(version, ['Old route']);
  await cache.table(version, ['Fares']);
  expect(asked).toHaveLength(5);
});
