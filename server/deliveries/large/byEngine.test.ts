import { mkdtempSync, rmSync } from 'node:fs';
import { DuckDBInstance, type DuckDBConnection } from '@duckdb/node-api';
import fc from 'fast-check';
import type { DeliveryMode, EarlierChange } from '../../../contract';
import { type CellValue, type ColumnKind, Profiler } from '../../../core/table';
import { ProblemError } from '../../../core/values';
import { cellAt, columnFolder, keptColumns, unpackAlone } from '../../columns';
import type { StoredColumn, StoredPiece } from '../../database';
import { engines } from '../../engine';
import {
  layBothSides,
  mergeTables,
  type PackedTable,
  packTable,
  type StandingTable,
  type TypedTable,
  updateLarge,
} from '../../sources';
import { compareTables } from '../compare';
import { lookAtEarlier } from '../earlier';
import { compareLarge } from './compareLarge';
import { earlierLarge } from './earlierLarge';

/*
 * Deliveries that the engine puts against what stands come to the same as those that are put against it
 * row by row.
 */

const folder = mkdtempSync('/tmp/stand-mark-by-engine-');
let engine: DuckDBConnection;

beforeAll(async () => {
  (columnFolder as { folder: string }).folder = folder;
  engine = await (await DuckDBInstance.create(':memory:')).connect();
  jest
    .spyOn(engines, 'run')
    .mockImplementation(
      (task) => doAll((task as unknown as { statements: string[] }).statements) as never,
    );
});

/** Does the statements here, without a process of their own; what they made for a while goes. */
async function doAll(statements: readonly string[]) {
  const answers: (string | number | null)[][][] = [];
  for (const sql of statements) {
    const rows = (await engine.runAndReadAll(sql)).getRowsJS();
    answers.push(
      rows.map((row) =>
        row.map((cell) => (typeof cell === 'bigint' ? Number(cell) : (cell as string | null))),
      ),
    );
  }
  for (const view of ['afterwards', 'standing', 'delivered'])
    await engine.run(`DROP VIEW IF EXISTS ${view}`);
  for (const table of ['matched', 'net']) await engine.run(`DROP TABLE IF EXISTS ${table}`);
  return answers;
}

afterAll(() => rmSync(folder, { recursive: true, force: true }));

type Rows = (readonly CellValue[])[];

interface Given {
  columns: string[];
  rows: Rows;
}

const kinds: Record<string, ColumnKind> = {
  Day: 'date',
  Due: 'date',
  Route: 'text',
  Fares: 'number',
  Fuel: 'number',
};

const cells: Record<string, fc.Arbitrary<CellValue>> = {
  Day: fc.integer({ min: 20_000, max: 20_005 }),
  Due: fc.option(fc.integer({ min: 20_000, max: 20_002 })),
  Route: fc.constantFrom('North', 'South', "O'Fenn", '', null),
  Fares: fc.constantFrom(1, 2.5, -3, null),
  Fuel: fc.constantFrom(7, 1e20, 0.1 + 0.2, null),
};

/** Tables of some of the columns, in any order; in half of them each day stands once. */
const tables = fc
  .subarray(['Due', 'Route', 'Fares', 'Fuel'])
  .chain((some) => fc.shuffledSubarray(['Day', ...some], { minLength: some.length + 1 }))
  .chain((columns) => {
    const row = fc.tuple(...columns.map((name) => cells[name] as fc.Arbitrary<CellValue>));
    const selector = (own: readonly CellValue[]) => own[columns.indexOf('Day')];
    const rows = fc.oneof(
      fc.array(row, { minLength: 1, maxLength: 9 }),
      fc.uniqueArray(row, { selector, minLength: 1, maxLength: 6 }),
    );
    return fc.record({ columns: fc.constant(columns), rows });
  });

async function* inParts(rows: Rows) {
  for (let from = 0; from < rows.length; from += 3)
    yield await Promise.resolve(rows.slice(from, from + 3).map((row) => [...row]));
}

const typed = ({ columns, rows }: Given): TypedTable => ({
  columns: columns.map((name) => ({ name, kind: kinds[name] as ColumnKind, datePattern: null })),
  found: null,
  rows: rows.length,
  batches: () => inParts(rows),
});

async function standingOf(given: Given): Promise<[StandingTable, PackedTable]> {
  const packed = await packTable(typed(given));
  const columns = packed.columns.map((column, place): StoredColumn => {
    const { digits = 0, decimals = 0 } = packed.kept[place] ?? {};
    const profiler = new Profiler(column.kind);
    given.rows.forEach((row) => profiler.add(row[place] ?? null));
    return {
      ...column,
      decimals,
      digits,
      words: 0,
      profile: { ...profiler.finish(), doubtful: 0 },
    };
  });
  return [{ columns, count: packed.rows, batches: () => inParts(given.rows) }, packed];
}

/** What a promise comes to, or with what sentence it is refused. */
const settled = <T>(work: Promise<T>) =>
  work.catch((error: unknown) => {
    if (error instanceof ProblemError) return error.problem.sentence;
    throw error;
  });

/** The rows that a table writes as packed pieces. */
async function rowsWritten(
  table: ReturnType<typeof updateLarge>,
  kept: readonly StoredColumn[],
): Promise<CellValue[][]> {
  const rows: CellValue[][] = [];
  await table.write({
    add: () => Promise.reject(new Error('Nothing is added row by row.')),
    copy: () => Promise.reject(new Error('Nothing is copied.')),
    keep: async ({ content, rows: count }) => {
      const places = kept.map((_, place) => place);
      const found = await unpackAlone(new Uint8Array(content).buffer, keptColumns(kept), places);
      for (let row = 0; row < count; row += 1) rows.push(found.map((each) => cellAt(each, row)));
    },
  });
  return rows;
}

/** Fractions that are added up in another order differ in their last digit. */
const rounded = ({ words, sums }: EarlierChange) => ({
  words,
  sums: sums.map(({ before, after, ...held }) => ({
    ...held,
    sums: [before, after].map((sum) => sum.toPrecision(12)),
  })),
});

const modes = fc.constantFrom<DeliveryMode>('append', 'update', 'replace');
const keySets = fc.constantFrom(['Day'], ['Day', 'Due'], ['Route', 'Fares']);

const sorted = (rows: readonly unknown[]) => rows.map((row) => JSON.stringify(row)).sort();

it('comes to the same as row by row, whatever the tables, the mode and the keys', async () => {
  const done = { update: 0, append: 0, replace: 0, correct: 0 };
  await fc.assert(
    fc.asyncProperty(tables, tables, modes, keySets, async (before, file, mode, some) => {
      const all = [...new Set([...before.columns, ...file.columns])];
      const keys = mode === 'update' ? some.filter((key) => all.includes(key)) : [];
      if (mode === 'update' && keys.length === 0) return;
      const [standing, packedBefore] = await standingOf(before);
      const delivered = typed(file);
      const packed = await packTable(delivered);
      const sides = layBothSides({ ...standing, files: packedBefore.files }, packed);
      const asked = keys.length > 0 ? keys : null;
      const said = await settled(compareTables(standing, delivered, mode, asked));
      const found = await settled(compareLarge(sides, mode, asked));
      if (typeof said === 'string') return expect(found).toEqual(said);
      expect(found).toMatchObject({
        keys: said.keys,
        columns: said.columns,
        standing: said.standing,
        added: { count: said.added.count },
        removed: { count: said.removed.count },
        changed: said.changed,
      });
      if (typeof found === 'string') return;
      // Of rows that stand several times, any may be shown.
      const wholeRows = said.keys.length === 0;
      const few = said.added.count <= 5 && said.removed.count <= 5;
      if (!wholeRows || few) {
        expect(sorted(found.added.examples)).toEqual(sorted(said.added.examples));
        expect(sorted(found.removed.examples)).toEqual(sorted(said.removed.examples));
      }
      const replacing = mode === 'replace';
      const merged = replacing ? delivered : mergeTables(standing, delivered, { mode, keys });
      expect(rounded(await earlierLarge(sides, mode, keys))).toEqual(
        rounded(await lookAtEarlier(standing, merged)),
      );
      done[mode] += 1;
      if (mode !== 'update') return;
      const rows: CellValue[][] = [];
      for await (const batch of merged.batches()) rows.push(...batch.map((row) => [...row]));
      const pieces = [{ rows: standing.count }] as StoredPiece[];
      const columns = sides.columns.map(({ name, kept: own }): StoredColumn => ({
        name,
        ...own,
        datePattern: null,
        words: 0,
      }));
      expect(await rowsWritten(updateLarge(sides, pieces, keys), columns)).toEqual(rows);
      await Promise.all([packed.remove(), packedBefore.remove()]);
    }),
    { numRuns: 100 },
  );
  expect(Math.min(done.update, done.append, done.replace)).toBeGreaterThan(5);
});
