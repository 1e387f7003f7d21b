import { type Column, dateColumn, numberColumn } from '../../core/table';
import type { StoredColumn } from '../database';
import { ColumnCache } from './columnCache';
import type { VersionColumns } from './versionColumns';

const names = ['Day', 'Fares', 'Fuel', 'Riders'];
const version: VersionColumns = {
  versionId: 7,
  rows: 3,
  pieces: [],
  columns: names.map((name, place) => ({
    name,
    kind: place === 0 ? 'date' : 'number',
    datePattern: null,
    decimals: 1,
    words: 0,
  })) as StoredColumn[],
};

/** Reads columns as they are asked for, and remembers which. */
function reader({ fails = 0 } = {}) {
  const asked: number[][] = [];
  let failures = fails;
  const read = async ({ columns }: VersionColumns, places: number[]): Promise<Column[]> => {
    asked.push(places);
    await new Promise((done) => setTimeout(done, 5));
    if (failures-- > 0) throw new Error('away');
    return places.map((place) => {
      const name = columns[place]?.name ?? '';
      return place === 0
        ? dateColumn(name, Int32Array.from([10, 11, 12]))
        : numberColumn(name, Float64Array.from([place, NaN, 2]), 1);
    });
  };
  return { asked, read };
}

it('reads all columns in one walk, and once for all who ask meanwhile', async () => {
  const { asked, read } = reader();
  const cache = new ColumnCache(read, 1e6);
  const tables = await Promise.all(
    Array.from({ length: 8 }, () => cache.table(version, ['Fares', 'Day', 'Gone'])),
  );
  expect(asked).toEqual([[0, 1]]);
  expect(
    [
      ['Day', 'Gone'],
      ['Day', 'Fuel'],
    ].map((each) => cache.holds(version, each)),
  ).toEqual([true, false]);
  expect(tables[7]?.columns.map(({ name }) => name)).toEqual(['Day', 'Fares']);
  await cache.table(version, ['Fares', 'Fuel']);
  // What is there already is not read again.
  expect(asked).toEqual([[0, 1], [2]]);
});

it('lets the least recently used go when there is no room, and asks again after a failure', async () => {
  const { asked, read } = reader({ fails: 1 });
  const cache = new ColumnCache(read, 200);
  await expect(cache.table(version, ['Fares'])).rejects.toThrow('away');
  for (const name of ['Fares', 'Fuel', 'Fares', 'Riders', 'Fuel'])
    await cache.table(version, [name]);
  // Of columns of 88 bytes each there is room for two.
  expect(asked).toEqual([[1], [1], [2], [3], [2]]);
});
