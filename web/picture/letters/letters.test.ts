import fc from 'fast-check';
import { parseDay, periodsBetween } from '../../../core/calendar';
import {
  type ChartDefinition,
  plainLook,
  plainStroke,
  plainStyle,
  shapes,
  sides,
  type StyledYardstick,
  textSizes,
} from '../../../core/chart';
import { chartFrames } from '../../../core/figures';
import { draftStandout } from '../../../core/editing';
import { type Reading, readChart } from '../../../core/reading';
import type { PickDefinition } from '../../../core/standouts';
import { testChart, testFrame, testSeries } from '../../../core/testing';
import { drawChart, type Drawing } from '../drawing';
import type { Box } from '../geometry';
import { atEnd, atStart } from '../namedAt';
import { flownRow, wordAt } from '../pennants';
import { toX } from '../geometry';
import { isOn, meets, passesThrough } from './index';

const day = (text: string) => parseDay(text) as number;
const measure = (text: string, size: number) => text.length * size * 0.52;

const routes = [
  'Tarrow to Quill',
  'Quill to Ansel',
  'Ansel to Low Hook',
  'Low Hook',
  'Outer isles',
  'Saint Brannock and the northern skerries',
  'Osk',
  'Hallen to Osk by night',
];
const picks: PickDefinition[] = [
  { kind: 'highest' },
  { kind: 'lowest' },
  { kind: 'first' },
  { kind: 'last' },
  { kind: 'change' },
  { kind: 'largest', count: 3, only: false },
  { kind: 'every', nth: 7 },
];
const places = ['end', 'each', 'inside', 'none'] as const;

const arrangements: ChartDefinition['arrangement'][] = [
  { kind: 'one' },
  { kind: 'one' },
  { kind: 'panels', shape: 'row', ownAxes: false },
  { kind: 'panels', shape: 'grid', ownAxes: true },
  { kind: 'panels', shape: 'stack', ownAxes: false },
  { kind: 'slope', between: 'before', from: null, to: null },
  { kind: 'years', count: 3 } as never,
];

const held = (place: (typeof places)[number]) => ({
  ...plainLook,
  label: { text: '{name} {value}', at: place },
});

const yardstick = fc.record({
  of: fc.constantFrom<Record<string, unknown>>(
    {
      kind: 'line',
      name: 'The mean of riders',
      value: { kind: 'statistic', statistic: 'mean', series: 'Riders' },
      shading: 'none',
      onAxis: true,
    },
    {
      kind: 'band',
      name: 'Usual range',
      from: { kind: 'number', number: 60 },
      to: { kind: 'number', number: 120 },
      onAxis: true,
    },
    { kind: 'today', offsetDays: -60 },
    { kind: 'dates', name: 'Quay works at the northern end', from: '2025-03-10', to: null },
    { kind: 'dates', name: 'Storms', from: '2025-02-01', to: '2025-04-20' },
    { kind: 'recurring', name: 'Half years', each: 'quarterEnd', weekday: 1 },
  ),
  at: fc.constantFrom(...places),
});

const standout = fc.record({
  pick: fc.constantFrom(...picks),
  side: fc.option(fc.constantFrom(...sides)),
});

const charts = fc
  .record({
    arrangement: fc.constantFrom(...arrangements),
    lines: fc.integer({ min: 1, max: routes.length }),
    months: fc.integer({ min: 2, max: 40 }),
    shape: fc.constantFrom(...shapes),
    as: fc.constantFrom('ends' as const, 'ends' as const, 'legend' as const),
    textSize: fc.constantFrom(...textSizes),
    yardsticks: fc.array(yardstick, { maxLength: 3 }),
    standouts: fc.array(standout, { maxLength: 4 }),
    steps: fc.array(fc.integer({ min: -40, max: 40 }), { minLength: 400, maxLength: 400 }),
    swing: fc.constantFrom(0.2, 1),
  })
  .map(({ arrangement, lines, months, steps, swing, ...rest }) => {
    const today = day('2026-06-05');
    const periods = periodsBetween(day('2024-01-01'), day('2026-05-01'), 'month').slice(-months);
    const split = { column: 'Route', order: routes, coloured: [], colourBy: null, top: null };
    const stroke = { ...plainStroke, shape: rest.shape };
    const chart = testChart({
      arrangement,
      names: { as: rest.as, yardsticks: false },
      series: [
        testSeries('Riders', { stroke, split: lines > 1 ? split : null }),
        testSeries('Plan', { role: 'budget' }),
      ].slice(0, lines === 1 ? 1 : 2),
      yardsticks: rest.yardsticks.map(
        ({ of, at }, place) =>
          ({
            id: `y${place}`,
            ...of,
            name: `${String(of.name ?? 'Today')}${'~'.repeat(place)}`,
            look: held(at),
          }) as unknown as StyledYardstick,
      ),
      standouts: rest.standouts.map(({ pick, side }, at) => ({
        ...draftStandout(`s${at}`, 'Riders', pick),
        ...(side && { side }),
      })),
    });
    const walk = (of: number) => {
      let at = 100 + (steps[of] ?? 0);
      return periods.map((_, place) => (at += (steps[(of * 41 + place) % 400] ?? 0) * swing));
    };
    const keys = lines > 1 ? routes.slice(0, lines) : [''];
    const frames = {
      Riders: testFrame({ periods, keys, values: keys.map((_, at) => walk(at)) }),
      Plan: testFrame({ periods, values: [walk(9)] }),
    };
    return readChart(chart, chartFrames(chart, frames, today).frames, {
      today,
      style: { ...plainStyle, textSize: rest.textSize },
    });
  });

interface Label extends Box {
  text: string;
  /** the line that it names; empty for none */
  of: string;
}

/** All that is written in a picture of its own accord; the axes are not. */
function labelsOf(reading: Reading, { panels, legend }: Drawing): Label[] {
  const named = (id: string | null) =>
    reading.panels.flatMap(({ series }) => series).find((line) => line.id === id)?.name ?? '';
  const held = (id: string) =>
    reading.panels.flatMap(({ yardsticks }) => yardsticks).find((each) => each.id === id)?.name ??
    '';
  return [
    ...legend.map(({ text, left, width, top, series }) => ({
      text,
      left,
      top,
      of: named(series),
      right: left + width,
      bottom: top + 14,
    })),
    ...panels.flatMap((panel): Label[] => [
      ...panel.endLabels.map(({ text, left, width, top, height, lines, series }) => {
        expect(lines.join(' ')).toBe(text);
        return {
          text,
          left,
          top: top + 0.5,
          of: named(series),
          right: left + width,
          bottom: top + height - 0.5,
        };
      }),
      ...panel.pointLabels.map(({ box, bold, rest, series }) => ({
        ...box,
        text: `${bold} ${rest}`,
        of: named(series),
      })),
      ...panel.yardstickLetters.map(({ box, text, yardstick: of }) => ({
        ...box,
        text,
        of: held(of),
      })),
      ...panel.flown
        .filter(({ level, text }) => level >= 0 && text !== '')
        .map((each) => {
          const bottom = panel.geometry.top - each.level * flownRow;
          const word = wordAt(toX(panel.geometry, each.day), each, panel.column);
          return {
            ...word,
            top: bottom - flownRow + 1,
            bottom: bottom - 1,
            text: each.text,
            of: each.text,
          };
        }),
    ]),
  ];
}

/** Every straight part of every line, in pixels, by what the library is told to draw it at. */
function strokesOf({ data, layout }: Drawing, [width, height]: readonly number[]) {
  type Axis = { range: [number, number]; domain: [number, number] };
  const axes = layout as unknown as Record<string, Axis>;
  const along = (name: string, value: number) => {
    const { range, domain } = axes[name.replace(/^([xy])/, '$1axis')] as Axis;
    return domain[0] + ((value - range[0]) / (range[1] - range[0])) * (domain[1] - domain[0]);
  };
  return data
    .filter(({ mode }) => mode === 'lines')
    .flatMap(({ name, x, y, xaxis, yaxis }) => {
      const [xs, ys] = [x as (number | null)[], y as (number | null)[]];
      return xs.slice(1).flatMap((to, at) => {
        const all = [xs[at], ys[at], to, ys[at + 1]];
        if (all.some((each) => each == null)) return [];
        const [x0, y0, x1, y1] = all as [number, number, number, number];
        const across = (value: number) => along(xaxis as string, value) * (width ?? 0);
        const down = (value: number) => (1 - along(yaxis as string, value)) * (height ?? 0);
        return [{ name, at: [across(x0), down(y0), across(x1), down(y1)] as const }];
      });
    });
}

/** How many labels a reading asks for. */
function asked(reading: Reading, drawing: Drawing) {
  const points =
    reading.axis === 'ends' ? [] : drawing.panels.flatMap(({ panel }) => panel.standouts);
  const within = drawing.panels.flatMap(({ panel: { yardsticks } }) =>
    yardsticks
      .filter(({ look, label }) => look.label.at === 'inside' && label !== '')
      .flatMap(({ days, stretches, value, bands, edges }) =>
        days.length + stretches.length > 0
          ? [...days, ...stretches]
          : value !== null || bands.length > 0 || edges
            ? [1]
            : [],
      ),
  );
  const names = drawing.panels
    .filter(({ named }) => named)
    .flatMap(({ panel }) => [
      ...atEnd(reading, panel),
      ...(reading.axis === 'ends' ? atStart(panel) : []),
    ]);
  return { points: points.length, within: within.length, names: names.length };
}

const sizes = [
  [1280, 460],
  [420, 260],
  [330, 200],
] as const;

const drawn = fc.sample(charts, { numRuns: 300, seed: 21 }).flatMap((reading, chart) =>
  sizes.map((size) => ({
    chart,
    reading,
    size,
    drawing: drawChart(reading, {
      width: size[0],
      height: size[1],
      highlight: [],
      notes: [],
      measure,
    }),
  })),
);

it('lets no label leave its picture, lie on another, or be crossed by a line that it does not name', () => {
  const bad: string[] = [];
  let shown = 0;
  for (const { chart, reading, drawing, size } of drawn) {
    const where = `${chart} ${reading.axis} ${size.join('x')}`;
    const labels = labelsOf(reading, drawing);
    const strokes = strokesOf(drawing, size);
    shown += labels.length;
    const picture = { left: -1, top: -1, right: size[0] + 1, bottom: size[1] + 1 };
    for (const [at, one] of labels.entries()) {
      if (
        one.left < picture.left ||
        one.right > picture.right ||
        one.top < picture.top ||
        one.bottom > picture.bottom
      )
        bad.push(`${where}: “${one.text}” is not within`);
      for (const two of labels.slice(at + 1))
        if (meets(one, two)) bad.push(`${where}: “${one.text}” lies on “${two.text}”`);
      for (const { name, at: stroke } of strokes)
        if (name !== one.of && passesThrough(one, ...stroke))
          bad.push(`${where}: ${name} runs through “${one.text}”`);
    }
  }
  expect(bad.slice(0, 20)).toEqual([]);
  expect(shown).toBeGreaterThan(5000);
});

it('keeps every label on its side of its point', () => {
  let kept = 0;
  for (const { drawing, reading } of drawn)
    for (const { pointLabels, panel } of drawing.panels)
      for (const { side, box, at, series, bold } of pointLabels) {
        expect(isOn(side, box, at)).toBe(true);
        const own = panel.standouts.filter((each) => each.series === series && each.label === bold);
        expect(own.map((each) => each.side)).toContain(side);
        expect(reading.axis).not.toBe('ends');
        kept += 1;
      }
  expect(kept).toBeGreaterThan(2000);
});

it('counts each label that it leaves out, few of them where there is room, and never the only one', () => {
  let [few, whole] = [0, 0];
  for (const { reading, drawing, size, chart } of drawn) {
    const { points, within, names } = asked(reading, drawing);
    const panels = drawing.panels;
    const count = (of: (panel: (typeof panels)[number]) => readonly unknown[]) =>
      panels.reduce((sum, panel) => sum + of(panel).length, 0);
    const lacking =
      points +
      within +
      names -
      count(({ pointLabels }) => pointLabels) -
      count(({ yardstickLetters }) => yardstickLetters) -
      count(({ endLabels }) => endLabels);
    expect(drawing.leftOut).toBeGreaterThanOrEqual(lacking);
    const unlabelled = points - count(({ pointLabels }) => pointLabels);
    if (points === 1) expect([chart, size, unlabelled]).toEqual([chart, size, 0]);
    if (size[0] < 1280 || points + within > 8) continue;
    few += 1;
    if (drawing.leftOut === 0) whole += 1;
  }
  expect(few).toBeGreaterThan(150);
  expect(whole / few).toBeGreaterThanOrEqual(0.9);
});
