import fc from 'fast-check';
import { thin } from './thin';

const stroke = fc
  .array(fc.tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: -50, max: 50 })), {
    minLength: 1,
    maxLength: 300,
  })
  .map((steps) => {
    let at = 0;
    return { x: steps.map(([by]) => (at += by / 10)), y: steps.map(([, y]) => y) };
  });

it('keeps the ends, and of each column of pixels its extremes, in their order', () => {
  fc.assert(
    fc.property(stroke, fc.integer({ min: 1, max: 20 }), ({ x, y }, tenths) => {
      const perUnit = tenths / 10;
      const less = thin(x, y, perUnit);
      expect([less.x[0], less.y[0]]).toEqual([x[0], y[0]]);
      expect([less.x.at(-1), less.y.at(-1)]).toEqual([x.at(-1), y.at(-1)]);
      expect(less.x).toEqual([...less.x].sort((a, b) => a - b));
      const columns = (xs: number[], ys: number[]) => {
        const found = new Map<number, [least: number, most: number, count: number]>();
        xs.forEach((at, place) => {
          const column = Math.floor(at * perUnit);
          const value = ys[place] as number;
          const [least, most, count] = found.get(column) ?? [value, value, 0];
          found.set(column, [Math.min(least, value), Math.max(most, value), count + 1]);
        });
        return found;
      };
      const [all, some] = [columns(x, y), columns(less.x, less.y)];
      for (const [column, [least, most]] of all) {
        const kept = some.get(column);
        expect(kept?.slice(0, 2)).toEqual([least, most]);
        expect(kept?.[2]).toBeLessThanOrEqual(4);
      }
    }),
  );
});
