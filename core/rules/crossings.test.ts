import fc from 'fast-check';
import vectors from '../vectors/crossings.json';
import { crossings, stretchesBelow } from './crossings';
import { heldAt, plainLine } from '../testing';
import { strokePieces } from './strokes';

const distancesOf = (y: (number | null)[], mark: (number | null)[]) =>
  y.map((figure, place) => {
    const held = mark[place] ?? null;
    return figure === null || held === null ? null : figure - held;
  });

describe.each(vectors.cases.map((example, place) => ({ place, ...example })))(
  'crossings, case $place against a $against',
  ({ x, y, mark, crossings: wanted, below }) => {
    it('finds where the sign changes', () => {
      const found = crossings(x, distancesOf(y, mark));
      expect(found).toHaveLength(wanted.length);
      found.forEach((at, place) =>
        expect(Math.abs(at - (wanted[place] ?? NaN))).toBeLessThan(1e-9),
      );
    });

    it('finds the stretches below', () => {
      const found = stretchesBelow(x, distancesOf(y, mark));
      expect(found).toHaveLength(below.length);
      found.forEach((stretch, place) => {
        const { from, to, area } = below[place] as (typeof below)[number];
        expect(Math.abs(stretch.from - from)).toBeLessThan(1e-9);
        expect(Math.abs(stretch.to - to)).toBeLessThan(1e-9);
        expect(Math.abs(stretch.area - area)).toBeLessThan(1e-9 * Math.max(1, area));
      });
    });

    it('changes the drawn colour at each crossing and nowhere else between points', () => {
      const held = heldAt(distancesOf(y, mark), 'atLeast');
      const pieces = strokePieces(plainLine(y, x), held);
      const joints = pieces.flatMap(({ x: along }) => [along[0], along.at(-1)]);
      const between = [...new Set(joints.filter((at) => !x.includes(at as number)))];
      expect(between).toEqual(crossings(x, distancesOf(y, mark)));
    });
  },
);

it('draws the whole line whatever it is held against', () => {
  const point = fc.record({
    y: fc.option(fc.integer({ min: -20, max: 20 })),
    mark: fc.option(fc.integer({ min: -20, max: 20 })),
    open: fc.boolean(),
  });
  fc.assert(
    fc.property(
      fc.array(point, { maxLength: 30 }),
      fc.constantFrom('atLeast', 'atMost'),
      (points, good) => {
        const x = points.map((_, place) => place * 7);
        const y = points.map((each) => each.y);
        const open = points.map((each) => each.open);
        const marks = points.map((each) => each.mark);
        const held = heldAt(distancesOf(y, marks), good, open);
        const drawn = strokePieces({ ...plainLine(y, x), open }, held);
        const length = drawn.reduce(
          (sum, piece) => sum + ((piece.x.at(-1) ?? 0) - (piece.x[0] ?? 0)),
          0,
        );
        const joined = y
          .slice(1)
          .filter((figure, place) => figure !== null && y[place] !== null).length;
        expect(length).toBeCloseTo(joined * 7, 6);
        // Every point that is strictly off the mark, and judged, lies on a piece that says so.
        points.forEach((each, place) => {
          if (each.y === null || each.mark === null) return;
          const off = good === 'atLeast' ? each.y < each.mark : each.y > each.mark;
          const at = drawn.filter(
            (piece) => piece.x.includes(x[place] as number) && piece.judgement,
          );
          if (off) expect(at.every((piece) => piece.judgement === 'off')).toBe(true);
        });
      },
    ),
  );
});

it.each([
  ['crosses', [2, -2], [[5, 10, 5]]],
  ['crosses close by', [0.5, -0.5], [[5, 10, 1.25]]],
  ['comes up', [-0.5, 0.5], [[0, 5, 1.25]]],
  ['lies on the mark', [0, 0], []],
  ['stays above it', [0.5, 0.5], []],
  [
    'touches the mark from below',
    [-1, 0, -1],
    [
      [0, 10, 5],
      [10, 20, 5],
    ],
  ],
  ['goes on below', [-1, -3, -1], [[0, 20, 40]]],
  ['is a lone point on the mark', [null, 0, null], []],
  ['is a lone point above it', [null, 0.5, null], []],
  [
    'has a lone point below before the rest',
    [-1, null, -1, -1],
    [
      [0, 0, 0],
      [20, 30, 10],
    ],
  ],
] as const)('finds what is below where a line %s', (_, distances, wanted) => {
  const found = stretchesBelow([0, 10, 20, 30], distances);
  expect(found.map(({ from, to, area }) => [from, to, area])).toEqual(wanted);
});
