import { parseDay, periodsBetween } from '../../core/calendar';
import { type ChartDefinition, noPoints, plainStroke } from '../../core/chart';
import { chartFrames } from '../../core/figures';
import { draftStandout } from '../../core/editing';
import { type Reading, readChart } from '../../core/reading';
import { testChart, testFrame, testSeries } from '../../core/testing';
import { drawChart } from './drawing';
import { roundOn } from './roundOn';

const day = (text: string) => parseDay(text) as number;
const periods = periodsBetween(day('2025-01-01'), day('2026-06-01'), 'month');
const measure = (text: string, size: number) => text.length * size * 0.55;
const words = Array.from({ length: 14 }, (_, at) => `Route number ${at}`);
const split = { column: 'Route', order: words, coloured: [], colourBy: null, top: null };
const wave = (of: number) => periods.map((_, at) => 100 + of + 40 * Math.sin(at / 2 + of / 9));
const picks = ['highest', 'lowest', 'first', 'last'] as const;

function read(more: Partial<ChartDefinition>): Reading {
  const today = day('2026-07-05');
  const chart = testChart({
    series: [testSeries('Riders', { split })],
    standouts: picks.map((kind) => draftStandout(kind, 'Riders', { kind })),
    ...more,
  });
  const riders = testFrame({ periods, keys: words, values: words.map((_, at) => wave(at)) });
  const rate = testFrame({ periods, values: [wave(3).map((figure) => figure / 1000)] });
  const { frames } = chartFrames(chart, { Riders: riders, Rate: rate }, today);
  return readChart(chart, frames, { today });
}

const draw = (reading: Reading, width: number, height: number) =>
  drawChart(reading, { width, height, highlight: [], notes: [], measure });

it('names lines in a legend, each once and with its own stroke, and then not at their ends', () => {
  const two = {
    series: [testSeries('Riders', { split }), testSeries('Rate', { valueAxis: 'second' })],
    standouts: [],
  };
  const ends = draw(read(two), 900, 460);
  expect([ends.legend, ends.panels[0]?.endLabels.length]).toEqual([[], words.length + 1]);
  const { legend, panels } = draw(
    read({ ...two, names: { as: 'legend', yardsticks: false } }),
    900,
    460,
  );
  expect(legend.map(({ text }) => text)).toEqual([...words, 'Rate']);
  expect(new Set(legend.map(({ left, top }) => `${left} ${top}`)).size).toBe(legend.length);
  expect(legend.every(({ left, width }) => left + width <= 900)).toBe(true);
  expect(panels[0]?.endLabels).toEqual([]);
  const lowest = Math.max(...legend.map(({ top }) => top));
  expect(panels[0]?.geometry.top).toBeGreaterThan(lowest);
});

it('names a band between two series at its end, or in the legend', () => {
  const series = [testSeries('Riders', { split }), testSeries('Rate')];
  const edges = { from: { series: 'Riders' }, to: { series: 'Rate' } };
  const band = { id: 'b', kind: 'between', name: 'Between', onAxis: false, ...edges } as const;
  const drawn = (as: 'ends' | 'legend') =>
    draw(
      read({ series, yardsticks: [band], standouts: [], names: { as, yardsticks: true } }),
      ...([900, 460] as const),
    );
  const ends = drawn('ends').panels.flatMap(({ endLabels }) => endLabels);
  expect(ends.map(({ text }) => text)).toContain('Between');
  expect(drawn('legend').legend.at(-1)?.text).toBe('Between');
});

it('stands a line of the second axis on it, with its staff at the right', () => {
  const reading = read({
    series: [testSeries('Riders', { split }), testSeries('Rate', { valueAxis: 'second' })],
    standouts: [draftStandout('h', 'Rate', { kind: 'highest' })],
  });
  const { data, layout, panels } = draw(reading, 900, 460);
  const layouts = layout as Record<string, { range?: number[]; side?: string }>;
  expect(data.filter(({ yaxis }) => yaxis === 'y501').map(({ name }) => name)).toContain('Rate');
  expect(layouts.yaxis501?.range?.[1]).toBeLessThan(1);
  expect(layouts.yaxis?.range?.[1]).toBeGreaterThan(100);
  const rate = panels[0]?.endLabels.find(({ text }) => text === 'Rate');
  expect(rate).toBeDefined();
  expect(draw(read({}), 900, 460).layout).not.toHaveProperty('yaxis501');
});

it.each([
  ['none', [0]],
  ['all', [18]],
  ['measured', [18]],
] as const)('draws points: %s', (at, wanted) => {
  const stroke = { ...plainStroke, points: { ...noPoints, at } };
  const { data } = draw(
    read({ series: [testSeries('Rate', { stroke })], standouts: [] }),
    900,
    460,
  );
  const marks = data.filter(({ mode }) => mode === 'markers');
  expect([marks.reduce((sum, { x }) => sum + (x?.length ?? 0), 0)]).toEqual(wanted);
});

it('draws points as large as their figures, by area', () => {
  const sizes: [number, number] = [4, 20];
  const stroke = { ...plainStroke, points: { at: 'sized' as const, colour: null, sizes } };
  const { data } = draw(
    read({ series: [testSeries('Rate', { stroke })], standouts: [] }),
    900,
    460,
  );
  const [marks] = data.filter(({ mode }) => mode === 'markers');
  const drawn = marks?.marker?.size as number[];
  expect([Math.min(...drawn), Math.max(...drawn)]).toEqual([4, 20]);
  const figures = marks?.y as number[];
  const order = (values: number[]) =>
    values.map((_, at) => at).sort((a, b) => (values[a] ?? 0) - (values[b] ?? 0));
  expect(order(drawn)).toEqual(order(figures));
});

it('shows only the parts of the scales that are asked for', () => {
  const shown = { gridlines: false, scales: false, values: false, dates: false };
  const plain = read({});
  const bare = { ...plain, look: { ...plain.look, shown } };
  const [full, less] = [draw(plain, 900, 460), draw(bare, 900, 460)];
  const [a, b] = [full.panels[0]?.geometry, less.panels[0]?.geometry];
  expect(b?.left).toBeLessThan(a?.left ?? 0);
  expect(b?.bottom).toBeLessThan(a?.bottom ?? 0);
  expect(less.layout.shapes?.length).toBeLessThan(full.layout.shapes?.length ?? 0);
  expect(less.layout.yaxis).toMatchObject({ showgrid: false, showticklabels: false });
});

it.each([
  [0, 100],
  [1, 0],
  [0.333, 67],
  [0.5, 50],
])('rounds where the staff is pressed, %d from its top, to %d', (share, wanted) => {
  expect(roundOn({ from: 0, to: 100, step: 20 }, share)).toBe(wanted);
});
