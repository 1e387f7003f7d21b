import fc from 'fast-check';
import { shadedByDistance, shadedByValue, shadedPieces } from './gradient';
import type { ReadPiece } from './reading';

const piece = (y: number[], more: Partial<ReadPiece> = {}): ReadPiece => ({
  judgement: null,
  rule: null,
  open: false,
  bridged: false,
  shade: null,
  colour: 'teal',
  dash: 'solid',
  width: 2,
  heavier: false,
  fillTo: null,
  fill: null,
  x: y.map((_, place) => place * 10),
  y,
  ...more,
});
const lines = [
  { figures: [10, 30, 99], open: [false, false, true] },
  { figures: [null, 20], open: [] },
];

it('runs from the least to the greatest finished figure of the panel', () => {
  const at = shadedByValue(lines);
  expect([5, 10, 20, 30, 99].map((y) => at(0, y))).toEqual([0, 0, 0.5, 1, 1]);
});

it('lies in the middle where all figures are alike, or there is none', () => {
  expect(shadedByValue([{ figures: [4, 4], open: [] }])(0, 4)).toBe(0.5);
  expect(shadedByValue([])(0, 4)).toBe(0.5);
});

it('is symmetric about the mark, as far as the greatest distance of a finished figure', () => {
  const positions = [0, 10, 20, 30].map((middle) => ({ middle }));
  const at = shadedByDistance([-4, 2, null, 50], [false, false, false, true], positions);
  expect([0, 5, 10, 30].map((x) => at(x, 0))).toEqual([0, 0.375, 0.75, 1]);
  expect(shadedByDistance([0, 0], [], positions)(0, 0)).toBe(0.5);
});

it('cuts strokes into parts that lie end to end, and leaves what a rule colours alone', () => {
  const at = shadedByValue(lines);
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 10, max: 30 }), { minLength: 2, maxLength: 6 }), (y) => {
      const parts = shadedPieces(piece(y), at);
      expect(parts[0]?.x[0]).toBe(0);
      expect(parts.at(-1)?.y.at(-1)).toBeCloseTo(y.at(-1) as number, 9);
      parts.slice(1).forEach((part, place) => {
        expect(part.x[0]).toBeCloseTo(parts[place]?.x.at(-1) as number, 9);
        expect(part.shade).not.toBe(parts[place]?.shade);
      });
    }),
  );
  expect(shadedPieces(piece([10, 30], { rule: 'off' }), at)).toHaveLength(1);
  expect(shadedPieces(piece([30]), at)[0]?.shade).toBe(1);
});
