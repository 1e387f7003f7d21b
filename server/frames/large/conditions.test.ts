import fc from 'fast-check';
import { type DuckDBConnection, DuckDBInstance } from '@duckdb/node-api';
import { type Comparison, rowTest } from '../../../core/frame';
import { dateColumn, missingDay, numberColumn, type Table, textColumn } from '../../../core/table';
import type { StoredColumn } from '../../database';
import { conditionOf } from './conditions';

let engine: DuckDBConnection;

const first = Date.UTC(2026, 0, 1) / 86_400_000;
const words = ['North', 'South', ''];
/** Every date, figure and word with every other, each missing too; a row that is all blank is none. */
const rows = [0, 1, 2, null]
  .flatMap((date) =>
    [-1.5, 0, 2, null].flatMap((figure) => words.map((word) => ({ date, figure, word }))),
  )
  .filter(({ date, figure, word }) => date !== null || figure !== null || word !== '');
const columns = ['Day', 'Fares', 'Route'].map((name) => ({ name })) as StoredColumn[];

const table: Table = {
  rows: rows.length,
  columns: [
    dateColumn(
      'Day',
      Int32Array.from(rows, ({ date }) => (date === null ? missingDay : first + date)),
    ),
    numberColumn(
      'Fares',
      Float64Array.from(rows, ({ figure }) => figure ?? NaN),
      1,
    ),
    textColumn(
      'Route',
      Int32Array.from(rows, ({ word }) => (word === '' ? -1 : words.indexOf(word))),
      words.slice(0, 2),
    ),
  ],
};

beforeAll(async () => {
  engine = await (await DuckDBInstance.create(':memory:')).connect();
  await engine.run('CREATE TABLE facts ("row" INTEGER, c0 DATE, c1 DECIMAL(3, 1), c2 VARCHAR)');
  for (const [row, { date, figure, word }] of rows.entries())
    await engine.run(
      `INSERT INTO facts VALUES (${row}, ${date === null ? 'NULL' : `DATE '2026-01-0${date + 1}'`}, ${figure ?? 'NULL'}, ${word === '' ? 'NULL' : `'${word}'`})`,
    );
});

afterAll(() => engine.closeSync());

const between = (of: 'date' | 'number', column: string, ends: readonly number[]) =>
  fc
    .record({ from: fc.constantFrom(-Infinity, ...ends), to: fc.constantFrom(Infinity, ...ends) })
    .map((range): Comparison => ({ is: 'between', of, column, ...range }));

const { comparison } = fc.letrec<{ comparison: Comparison }>((tie) => {
  const several = fc.array(tie('comparison'), { maxLength: 3 });
  return {
    comparison: fc.oneof(
      { depthSize: 'small', withCrossShrink: true },
      between('date', 'Day', [first, first + 1, first + 2]),
      between('number', 'Fares', [-1.5, 0, 2]),
      fc.subarray(words).map((each): Comparison => ({ is: 'among', column: 'Route', words: each })),
      tie('comparison').map((of): Comparison => ({ is: 'not', of })),
      several.map((of): Comparison => ({ is: 'all', of })),
      several.map((of): Comparison => ({ is: 'any', of })),
    ),
  };
});

it('keeps the same rows by any tree of comparisons, in memory and by the engine', async () => {
  await fc.assert(
    fc.asyncProperty(comparison, async (tree) => {
      const keeps = rowTest(table, tree);
      const wanted = rows.flatMap((_, row) => (keeps(row) ? row : []));
      const version = { versionId: 1, rows: rows.length, columns, pieces: [] };
      const { text, values } = conditionOf(version, tree);
      const found = await engine.runAndReadAll(
        `SELECT "row" FROM facts WHERE ${text} ORDER BY 1`,
        values,
      );
      expect(found.getRows().map(([row]) => Number(row))).toEqual(wanted);
    }),
    { numRuns: 200 },
  );
});
