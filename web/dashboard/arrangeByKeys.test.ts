import fc from 'fast-check';
import { verticalCompactor } from 'react-grid-layout/core';
import { grid } from '../../contract';
import { arrangeByKey, type Placed } from './arrangeByKeys';

const at = (chartId: number, x: number, y: number, w = 6, h = 5): Placed => ({
  chartId,
  place: { x, y, w, h },
});

/** One over another on the left, one beside them. */
const stacked = [at(1, 0, 0), at(2, 0, 5), at(3, 6, 0)];

it.each<[string, string, boolean, Placed[]]>([
  ['down, past the one below', 'ArrowDown', false, [at(1, 0, 5), at(2, 0, 0), at(3, 6, 0)]],
  [
    'wider, and the one beside goes below',
    'ArrowRight',
    true,
    [at(1, 0, 0, 7), at(2, 0, 5), at(3, 6, 5)],
  ],
  [
    'lower, and the one below closes up',
    'ArrowUp',
    true,
    [at(1, 0, 0, 6, 4), at(2, 0, 4), at(3, 6, 0)],
  ],
])('moves a chart and makes room: %s', (_, key, resize, wanted) => {
  expect(arrangeByKey(stacked, 1, key, resize)).toEqual(wanted);
});

it('moves a chart up, past the one above', () => {
  expect(arrangeByKey(stacked, 2, 'ArrowUp', false)).toEqual([
    at(1, 0, 5),
    at(2, 0, 0),
    at(3, 6, 0),
  ]);
});

it.each<[string, Placed, string, boolean]>([
  ['beyond the left', at(1, 0, 0), 'ArrowLeft', false],
  ['beyond the right', at(1, 6, 0), 'ArrowRight', false],
  ['above the top', at(1, 0, 0), 'ArrowUp', false],
  ['below the last', at(1, 0, 0), 'ArrowDown', false],
  ['narrower than can be read', at(1, 0, 0, 3), 'ArrowLeft', true],
  ['lower than can be read', at(1, 0, 0, 6, 4), 'ArrowUp', true],
  ['wider than the grid', at(1, 6, 0), 'ArrowRight', true],
  ['by another key', at(1, 3, 0), 'Enter', false],
])('goes no further: %s', (_, chart, key, resize) => {
  expect(arrangeByKey([chart], 1, key, resize)).toBeNull();
});

it('never lays one chart on another, whatever is pressed', () => {
  const press = fc.record({
    chartId: fc.integer({ min: 1, max: 4 }),
    key: fc.constantFrom('ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'),
    resize: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(press, { maxLength: 40 }), (presses) => {
      let charts = [...stacked, at(4, 6, 5)];
      for (const { chartId, key, resize } of presses)
        charts = arrangeByKey(charts, chartId, key, resize) ?? charts;
      const cells = charts.flatMap(({ place: { x, y, w, h } }) =>
        Array.from({ length: w * h }, (_, cell) => `${x + (cell % w)},${y + Math.floor(cell / w)}`),
      );
      expect(new Set(cells).size).toBe(cells.length);
      const layout = charts.map(({ chartId, place }) => ({ i: String(chartId), ...place }));
      // The grid would lay them no otherwise by itself.
      expect(verticalCompactor.compact(layout, grid.columns)).toMatchObject(layout);
    }),
  );
});
