import type { Note } from '../../contract';
import { parseDay } from '../../core/calendar';
import { chartFrames } from '../../core/figures';
import { draftChart, draftSeries, withMark } from '../../core/editing';
import { testFrame } from '../../core/testing';
import { type Reading, readChart } from '../../core/reading';
import { drawChart, type DrawnPanel } from './drawing';
import { toX, toY } from './geometry';
import { seriesAt } from './seriesAt';
import { layTape } from './axes/tape';

const day = (text: string) => parseDay(text) as number;
const measure = (text: string, size: number) => text.length * size * 0.55;

function read(actual: (number | null)[], budget: (number | null)[]): Reading {
  const source = {
    id: 1,
    columns: [
      { name: 'Day', kind: 'date' as const },
      { name: 'Fares', kind: 'number' as const },
    ],
  };
  const drafted = draftChart(source);
  const plan = { ...draftSeries({ ...source, id: 2 }, 'budget', 'budget'), name: 'Budget' };
  const chart = withMark({ ...drafted, series: [...drafted.series, plan] }, 'series', {
    against: 'budget',
    good: 'atLeast',
  });
  const periods = actual.map((_, place) => day(`2026-${String(place + 1).padStart(2, '0')}-01`));
  const frame = (values: (number | null)[]) =>
    testFrame({ periods, values: [values], completeTo: day('2026-12-31') });
  const today = day('2027-01-05');
  const aggregated = { series: frame(actual), budget: frame(budget) };
  return readChart(chart, chartFrames(chart, aggregated, today).frames, { today });
}

const reading = read([10, 14, null, 20, 8, 12], [12, 12, 12, 12, 12, 12]);
const options = { width: 900, height: 420, highlight: [], notes: [], measure };
const note = (number: number, text: string, series: string | null): Note => ({
  id: number,
  chartId: 1,
  number,
  day: text,
  until: null,
  series,
  text: 'x',
  colour: 'plum',
  authorId: 1,
  author: 'M',
  writtenAt: '',
  revision: 1,
});

it('is pure: the same reading gives the same picture', () => {
  expect(drawChart(reading, options)).toEqual(drawChart(reading, options));
});

it('draws the two sides of the mark as strokes that meet at the crossing and differ in more than colour', () => {
  const lines = drawChart(reading, options).data.filter(
    ({ mode, name }) => mode === 'lines' && name === 'Fares',
  );
  expect(lines).toHaveLength(2);
  const [off, on] = lines.map(({ line, x }) => ({ line, x: x as (number | null)[] }));
  expect(off?.line?.color).not.toBe(on?.line?.color);
  expect(off?.line?.width).not.toBe(on?.line?.width);
  const shared = off?.x.filter((at) => at !== null && on?.x.includes(at)) ?? [];
  expect(shared).toHaveLength(2);
});

it('greys all others while one series is highlighted, and keeps its colours', () => {
  const { data } = drawChart(reading, { ...options, highlight: ['series'] });
  const colours = (name: string) =>
    new Set(
      data
        .filter((trace) => trace.name === name && trace.mode === 'lines')
        .map(({ line }) => line?.color),
    );
  expect(colours('Budget').size).toBe(1);
  expect([...colours('Budget')][0]).toBe('#C7CED1');
  expect(colours('Fares').has('#C7CED1')).toBe(false);
  expect(data.at(-1)?.name).toBe('Fares');
});

it.each([
  ['all lines', [], ['Budget', 'Fares'], [12, 20]],
  ['one line', ['series'], ['Fares'], [20]],
])('greys all but one period of %s', (_of, highlight, names, figures) => {
  const { data, layout } = drawChart(reading, { ...options, highlight, litPeriod: 3 });
  const lines = data.filter(({ mode }) => mode === 'lines');
  expect(new Set(lines.map(({ line }) => line?.color))).toEqual(new Set(['#C7CED1']));
  const points = data.filter(({ marker }) => marker && marker.color !== '#C7CED1');
  const lit = points.sort((one, two) => String(one.name).localeCompare(String(two.name)));
  expect(lit.map(({ name }) => name)).toEqual(names);
  const middle = reading.positions[3]?.middle;
  expect(lit.map(({ x, y }) => [x, y])).toEqual(figures.map((figure) => [[middle], [figure]]));
  expect((layout.annotations ?? []).filter(({ text }) => /^<b>\d/.test(text ?? ''))).toEqual([]);
});

it('keeps labels apart and inside, whatever they name', () => {
  const { panels, layout } = drawChart(reading, { ...options, width: 420, height: 260 });
  const [{ endLabels, geometry }] = panels as [DrawnPanel];
  const tops = endLabels.map(({ top }) => top).sort((a, b) => a - b);
  tops
    .slice(1)
    .forEach((top, place) => expect(top - (tops[place] ?? 0)).toBeGreaterThanOrEqual(15.99));
  const standouts = (layout.annotations ?? []).slice(-2);
  for (const { xshift = 0, yshift = 0 } of standouts) {
    expect(xshift).toBeGreaterThanOrEqual(-1);
    expect(xshift).toBeLessThan(geometry.width - geometry.left - geometry.right + 8);
    expect(geometry.top - yshift).toBeGreaterThanOrEqual(0);
  }
});

it('flies pennants that stand near each other in rows of their own, also where there is no figure', () => {
  const notes = [
    note(1, '2026-03-10', 'series'),
    note(2, '2026-03-12', null),
    note(3, '2026-06-28', null),
    // It has begun before what is drawn, and is not over yet.
    { ...note(4, '2025-12-20', null), until: '2026-02-01' },
    { ...note(5, '2025-11-20', null), until: '2025-12-20' },
  ];
  const [{ flown }] = drawChart(reading, { ...options, notes }).panels as [DrawnPanel];
  expect(flown.map(({ note: each, level, turned }) => [each?.number, level, turned])).toEqual([
    [4, 0, false],
    [1, 0, false],
    [2, 1, false],
    [3, 0, true],
  ]);
});

it('finds the series under the pointer, and none away from all', () => {
  const [placed] = drawChart(reading, options).panels as [DrawnPanel];
  const { geometry } = placed;
  const x = toX(geometry, reading.positions[3]?.middle ?? 0);
  expect(seriesAt(reading, placed, 3, x, toY(geometry, 20) + 3)).toBe('series');
  expect(seriesAt(reading, placed, 3, x, toY(geometry, 12) - 3)).toBe('budget');
  expect(seriesAt(reading, placed, 3, x, toY(geometry, 16))).toBeNull();
});

it.each([
  [
    'a narrow month axis',
    '2025-01-01',
    '2027-01-01',
    'month',
    300,
    ['Jan', 'Apr', 'Jul', 'Oct', 'Jan', 'Apr', 'Jul', 'Oct'],
  ],
  ['a wide month axis', '2026-01-01', '2026-05-01', 'month', 300, ['Jan', 'Feb', 'Mar', 'Apr']],
  ['two weeks by day', '2026-02-26', '2026-03-03', 'day', 300, ['26', '27', '28', '1', '2']],
  [
    'many years',
    '1990-01-01',
    '2026-01-01',
    'year',
    200,
    ['1990', '1997', '2004', '2011', '2018', '2025'],
  ],
] as const)('lays the tape of %s', (_, from, to, grain, pixels, wanted) => {
  const { edges, labels } = layTape(day(from), day(to), grain, pixels);
  expect(labels.map(({ short }) => short)).toEqual(wanted);
  expect([edges[0], edges.at(-1)]).toEqual([day(from), day(to)]);
  expect(pixels / (edges.length - 1)).toBeGreaterThan(5);
});
