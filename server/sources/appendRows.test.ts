import type { CellValue } from '../../core/table';
import type { StoredColumn, StoredPiece } from '../database';
import { appendRows } from './appendRows';
import { rowsOfPiece } from './rowPacker';
import type { VersionRows } from './versionRows';

const columns: StoredColumn[] = [
  { name: 'Day', kind: 'date', datePattern: 'YYYY-MM-DD', decimals: 0, words: 2 },
  { name: 'Fares', kind: 'number', datePattern: null, decimals: 1, digits: 2, words: 2 },
];

/** A version whose rows are their own numbers, in pieces of so many. */
function standing(...rows: number[]): VersionRows {
  const count = rows.reduce((sum, each) => sum + each, 0);
  const pieces = rows.map((each): StoredPiece => ({ rows: each, bytes: 1, parts: 1, hash: 'h' }));
  return {
    columns,
    count,
    kept: { versionId: 7, rows: count, columns, pieces },
    batches: async function* (from = 0) {
      for (let at = from; at < count; at += 100_000) yield await Promise.resolve([[at, 0.5]]);
    },
  };
}

const full = rowsOfPiece(2);

it.each([
  ['lets full pieces stand and writes the others on', [full, full, 3], 2, [2 * full, 9]],
  ['writes a piece on that is less than half full', [Math.ceil(full / 2) - 1], 0, null],
  ['lets no piece stand behind one that is written on', [3, full], 0, null],
  ['writes nothing of what stands where all are full', [full], 1, [9]],
])('%s', async (_, rows, copied, first) => {
  const delivered = {
    columns: [
      { name: 'Fares', kind: 'number' as const, datePattern: null },
      { name: 'Late', kind: 'number' as const, datePattern: null },
    ],
    found: null,
    rows: 1,
    batches: async function* () {
      yield await Promise.resolve([[9, 1]]);
    },
  };
  const version = standing(...rows);
  const table = appendRows(version, delivered);
  const added: CellValue[][] = [];
  const copies: unknown[] = [];
  await table.write({
    add: async (batch) => void added.push(...batch.map((row) => [...row])),
    copy: async (...of) => void copies.push(of),
    keep: () => Promise.reject(new Error('Nothing is packed before.')),
  });
  expect(table.columns.map(({ name }) => name)).toEqual(['Day', 'Fares', 'Late']);
  expect(added.at(-1)).toEqual([null, 9, 1]);
  const kept = [
    { kind: 'date', digits: 0, decimals: 0 },
    { kind: 'number', digits: 2, decimals: 1 },
  ];
  const pieces = version.kept.pieces.slice(0, copied);
  expect(copies).toEqual(copied === 0 ? [] : [[{ versionId: 7, pieces }, kept]]);
  if (first) expect(added.map(([day, fares]) => day ?? fares)).toEqual(first);
  else expect(added[0]).toEqual([0, 0.5, null]);
});
