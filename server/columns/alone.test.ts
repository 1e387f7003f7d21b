import fc from 'fast-check';
import type { CellValue, FigureDigits } from '../../core/table';
import { digitsFor, type KeptColumn, keptTogether } from './kept';
import { cellAt, joined, RowGatherer, type RawColumn, sliced } from './rawColumns';
import { unpackAlone } from './readAlone';
import { packAlone } from './writeAlone';

const kept: KeptColumn[] = [
  { kind: 'date', digits: 0, decimals: 0 },
  { kind: 'text', digits: 0, decimals: 0 },
  { kind: 'number', digits: 9, decimals: 2 },
  { kind: 'number', digits: 16, decimals: 12 },
  { kind: 'number', digits: 30, decimals: 0 },
  { kind: 'number', digits: 18, decimals: 2 },
  { kind: 'number', digits: 0, decimals: 14 },
];
const kinds = kept.map(({ kind }) => kind);

const row = fc.tuple(
  fc.option(fc.integer({ min: -700_000, max: 2_900_000 })),
  fc.option(fc.oneof(fc.constantFrom('Osk', 'Fenn', '\ufeffö', ''), fc.string({ unit: 'binary' }))),
  fc.option(fc.integer({ min: -9_999_999, max: 9_999_999 }).map((cents) => cents / 100)),
  fc.option(fc.integer({ min: -9999, max: 9999 }).map((part) => part / 1e12)),
  fc.option(fc.integer({ min: -1e9, max: 1e9 }).map((part) => part * 1e15)),
  fc.option(fc.maxSafeInteger().map((cents) => Number(`${cents}e-2`))),
  fc.option(fc.double({ noNaN: true, noDefaultInfinity: true })),
);

const rowsOf = (columns: readonly RawColumn[], count: number): CellValue[][] =>
  Array.from({ length: count }, (_, at) => columns.map((column) => cellAt(column, at)));

/** A word that is no text in Unicode is kept as its nearest. */
const asText = (cells: readonly CellValue[]) =>
  cells.map((cell) => (typeof cell === 'string' ? Buffer.from(cell).toString() : cell));

function gathered(rows: readonly (readonly CellValue[])[]) {
  const gatherer = new RowGatherer(kinds, Math.max(1, rows.length), true);
  rows.forEach((cells) => gatherer.add(cells));
  return gatherer.take().columns;
}

it('gives back every cell as it was, and any columns of any rows', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(row, { maxLength: 60 }),
      fc.subarray([0, 1, 2, 3, 4, 5, 6]),
      fc.nat(60),
      fc.nat(60),
      async (rows, places, one, other) => {
        const content = await packAlone(kept, gathered(rows), { first: 5, rows: rows.length });
        const buffer = new Uint8Array(content).buffer;
        const wanted = rows.map(asText);
        const all = await unpackAlone(buffer, kept, [0, 1, 2, 3, 4, 5, 6]);
        expect(rowsOf(all, rows.length)).toEqual(wanted);
        const range = { from: Math.min(one, other), to: Math.max(one, other) };
        const some = await unpackAlone(buffer, kept, places, range);
        const part = wanted.slice(range.from, range.to);
        expect(rowsOf(some, part.length)).toEqual(
          part.map((cells) => places.map((place) => cells[place])),
        );
      },
    ),
    { numRuns: 60 },
  );
});

it('reads each file with the digits that its own figures need, and blank what it has no column for', async () => {
  const gatherer = new RowGatherer(['number'], 2, true);
  [[1.25], [-300]].forEach((cells) => gatherer.add(cells));
  const { columns, needs } = gatherer.take();
  const [need] = needs as [FigureDigits];
  const own: KeptColumn = { kind: 'number', decimals: 2, digits: digitsFor('number', need) };
  expect([need.decimals, own.digits]).toEqual([2, 5]);
  const content = await packAlone([own], columns, { first: 0, rows: 2 });
  // In its version another piece has more digits, and a column that came later.
  const together = [
    keptTogether([own, { kind: 'number', digits: 9, decimals: 4 }]),
    ...kept.slice(0, 3),
  ];
  expect(together[0]).toMatchObject({ digits: 9, decimals: 4 });
  const found = await unpackAlone(new Uint8Array(content).buffer, together, [0, 1, 2, 3]);
  expect(rowsOf(found, 2)).toEqual([
    [1.25, null, null, null],
    [-300, null, null, null],
  ]);
});

it('keeps as binary fractions what has no room together', () => {
  const wide = { kind: 'number', digits: 30, decimals: 0 } as const;
  const fine = { kind: 'number', digits: 14, decimals: 12 } as const;
  const none = { kind: 'number', digits: 0, decimals: 13 } as const;
  expect(keptTogether([wide, fine]).digits).toBe(0);
  expect(keptTogether([fine, none]).digits).toBe(0);
  expect(keptTogether([wide, { ...fine, digits: 8, decimals: 8 }])).toEqual({
    kind: 'number',
    digits: 38,
    decimals: 8,
  });
});

it('puts pieces together, one code a word, whatever the pieces', () => {
  fc.assert(
    fc.property(fc.array(row, { maxLength: 30 }), fc.nat(30), (rows, cut) => {
      const parts = [rows.slice(0, cut), rows.slice(cut)];
      const whole = joined(parts.map(gathered));
      expect(rowsOf(whole, rows.length)).toEqual(rows);
      const words = whole[1] as Extract<RawColumn, { kind: 'text' }>;
      expect(new Set(words.words).size).toBe(words.words.length);
      expect(
        rowsOf(
          whole.map((column) => sliced(column, 0, 1)),
          Math.min(1, rows.length),
        ),
      ).toEqual(rows.slice(0, 1));
    }),
  );
});

it.each([
  [0, 0, 1],
  [0.99, 2, 3],
  [1234.5, 2, 6],
  [1e25, 12, 38],
  [1e26, 12, 0],
  [5, 13, 0],
])('counts the digits of %d with %d decimals: %d', (largest, decimals, digits) =>
  expect(digitsFor('number', { largest, decimals })).toBe(digits),
);
