import fc from 'fast-check';
import type { Note } from '../../contract';
import { formatDay, parseDay, periodsBetween } from '../../core/calendar';
import { chartFrames } from '../../core/figures';
import { readChart } from '../../core/reading';
import { testChart, testFrame, testSeries } from '../../core/testing';
import { type DrawnPanel, drawChart } from './drawing';
import { toX } from './geometry';
import { flownRow, wordAt } from './pennants';

const [first, last] = ['2026-01-01', '2026-12-31'].map((text) => parseDay(text) as number);
const periods = periodsBetween(first as number, last as number, 'month');
const chart = testChart({ series: [testSeries('Fares')] });
const frames = { Fares: testFrame({ periods, values: [periods.map((_, at) => at)] }) };
const today = (last as number) + 10;
const reading = readChart(chart, chartFrames(chart, frames, today).frames, { today });
const measure = (text: string, size: number) => text.length * size * 0.55;

const note = (day: number, at: number): Note => ({
  id: at,
  chartId: 1,
  number: at + 1,
  day: formatDay(day),
  until: null,
  series: null,
  text: 'x',
  colour: 'plum',
  authorId: 1,
  author: 'M',
  writtenAt: '',
  revision: 1,
});

/** The pennants, without their stems. */
function pennants(days: readonly number[], width: number) {
  const [{ flown, geometry, column }] = drawChart(reading, {
    width,
    height: 420,
    highlight: [],
    measure,
    notes: days.map(note),
  }).panels as [DrawnPanel];
  const boxes = flown.map((each) => {
    const bottom = geometry.top - each.level * flownRow;
    return { ...wordAt(toX(geometry, each.day), each, column), top: bottom - flownRow, bottom };
  });
  return { flown, boxes };
}

const width = fc.constantFrom(320, 640, 1200);
const day = fc.integer({ min: first, max: last });

it('lets no pennant cover another, nor leave the picture, as long as there are rows', () => {
  fc.assert(
    fc.property(fc.array(day, { maxLength: 5 }), width, (days, across) => {
      const { boxes } = pennants(days, across);
      expect(boxes).toHaveLength(days.length);
      boxes.forEach((one, at) => {
        expect(one.left).toBeGreaterThanOrEqual(0);
        expect(one.right).toBeLessThanOrEqual(across);
        expect(one.top).toBeGreaterThanOrEqual(0);
        for (const two of boxes.slice(at + 1)) {
          const across = Math.min(one.right, two.right) - Math.max(one.left, two.left);
          const down = Math.min(one.bottom, two.bottom) - Math.max(one.top, two.top);
          expect(Math.min(across, down)).toBeLessThanOrEqual(0.01);
        }
      });
    }),
  );
});

it('flies every note on its day, in whatever order they were written', () => {
  fc.assert(
    fc.property(fc.array(day, { maxLength: 12 }), width, (days, across) => {
      const { flown } = pennants(days, across);
      const flying = flown.map(({ day: at, text }) => [Number(text), Math.floor(at)]);
      expect(flying.sort((a, b) => (a[0] ?? 0) - (b[0] ?? 0))).toEqual(
        days.map((each, at) => [at + 1, each]),
      );
      expect(flown.map(({ day: at }) => at)).toEqual(
        days.map((at) => at + 0.5).sort((a, b) => a - b),
      );
    }),
  );
});
