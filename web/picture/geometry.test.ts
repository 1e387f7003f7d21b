import fc from 'fast-check';
import type { Reading } from '../../core/reading';
import { dayAt, type Geometry, periodAt, toX, toY } from './geometry';
import { passesThrough } from './letters';

const geometry: Geometry = {
  width: 500,
  height: 300,
  left: 40,
  right: 60,
  top: 20,
  bottom: 30,
  xFrom: 100,
  xTo: 200,
  yFrom: -10,
  yTo: 40,
};

it('turns days and values into pixels and back', () => {
  expect([toX(geometry, 100), toX(geometry, 200)]).toEqual([40, 440]);
  expect([toY(geometry, 40), toY(geometry, -10)]).toEqual([20, 270]);
  fc.assert(
    fc.property(fc.double({ min: 100, max: 200, noNaN: true }), (day) => {
      expect(dayAt(geometry, toX(geometry, day))).toBeCloseTo(day, 6);
    }),
  );
});

it('finds the period of a day as a look at each of them does', () => {
  const lengths = fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 50 });
  fc.assert(
    fc.property(lengths, fc.integer({ min: -50, max: 2100 }), (days, day) => {
      let next = 0;
      const positions = days.map((length) => ({ next: (next += length) }));
      const each = positions.findIndex((period) => day < period.next);
      expect(periodAt({ positions: positions as Reading['positions'] }, day)).toBe(
        each < 0 ? days.length - 1 : each,
      );
    }),
  );
});

const box = { left: 10, right: 20, top: 10, bottom: 20 };

it.each([
  ['across', [0, 15, 30, 15], true],
  ['down', [15, 0, 15, 30], true],
  ['from corner to corner', [0, 0, 30, 30], true],
  ['within', [12, 12, 18, 18], true],
  ['that ends within', [0, 15, 15, 15], true],
  ['that ends before', [0, 15, 9, 15], false],
  ['beside', [0, 25, 30, 25], false],
  ['past a corner', [0, 12, 12, 0], false],
  ['along an edge', [0, 10, 30, 10], false],
  ['a point within', [15, 15, 15, 15], true],
  ['a point beside', [25, 15, 25, 15], false],
] as const)('knows whether a stroke %s passes through a box', (_, [x0, y0, x1, y1], wanted) => {
  expect(passesThrough(box, x0, y0, x1, y1)).toBe(wanted);
  expect(passesThrough(box, x1, y1, x0, y0)).toBe(wanted);
});

it('misses no stroke that has a point in the box', () => {
  const at = fc.double({ min: -20, max: 50, noNaN: true });
  const inside = fc.double({ min: 11, max: 19, noNaN: true });
  fc.assert(
    fc.property(at, at, inside, inside, (x, y, px, py) => {
      // The stroke goes from a point anywhere through one within, and as far again.
      expect(passesThrough(box, x, y, 2 * px - x, 2 * py - y)).toBe(true);
    }),
  );
});
