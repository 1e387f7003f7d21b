import type { Shape } from 'plotly.js';
import type { Reading } from '../../core/reading';
import type { Figures } from '../../core/values';
import { page } from '../look';
import type { PlacedPanel } from './panels';
import { axisOf, type ScaleSize } from './scales';

type Shapes = Partial<Shape>[];

/** How much of the accent a band wears: the first of several least, the last most. */
const tint = { least: 0.07, more: 0.16 };

/** What yardsticks have found, whatever their kind: bands, levels, stretches of dates, days. */
export function yardstickShapes(
  placed: PlacedPanel,
  size: ScaleSize,
  positions: Reading['positions'],
): Shapes {
  return placed.panel.yardsticks.flatMap(({ bands, levels, ribbon, stretches, days, second }) => [
    ...stretches.map((stretch) => stretchShape(stretch, placed)),
    ...(ribbon ? ribbonShapes(ribbon, positions, placed, second) : []),
    ...bands.flatMap((each) => bandShape(each, placed, second)),
    ...levels.flatMap((level) => levelShapes(level, placed, size, second)),
    ...(placed.taped ? days.map((day) => notchOnTape(day, placed, size)) : []),
  ]);
}

/** A band whose edges change from position to position, in as many parts as it has gaps. */
function ribbonShapes(
  { low, high }: { low: Figures; high: Figures },
  positions: Reading['positions'],
  placed: PlacedPanel,
  second: boolean,
): Shapes {
  const { axis, y } = standsOn(placed, second);
  const { x } = axisOf(placed);
  const within = (value: number) => Math.min(axis.to, Math.max(axis.from, value));
  const runs: number[][] = [];
  low.forEach((value, place) => {
    if (value === null || (high[place] ?? null) === null) return;
    const run = runs.at(-1);
    if (run && run.at(-1) === place - 1) run.push(place);
    else runs.push([place]);
  });
  const point = (place: number, edge: Figures) =>
    `${positions[place]?.middle ?? 0},${within(edge[place] ?? 0)}`;
  return runs
    .filter((run) => run.length > 1)
    .map((run) => ({
      type: 'path',
      path: `M${[
        ...run.map((place) => point(place, high)),
        ...[...run].reverse().map((place) => point(place, low)),
      ].join('L')}Z`,
      ...{ xref: x, yref: y, fillcolor: page.accent, opacity: 0.12, line: { width: 0 } },
      layer: 'below',
    }));
}

function bandShape(
  { from, to, shade }: { from: number; to: number; shade: number },
  placed: PlacedPanel,
  second: boolean,
): Shapes {
  const { axis, y, xDomain } = standsOn(placed, second);
  const [y0, y1] = [Math.max(from, axis.from), Math.min(to, axis.to)];
  if (y0 >= y1) return [];
  return [
    {
      type: 'rect',
      ...{ xref: xDomain, x0: 0, x1: 1, yref: y, y0, y1 },
      fillcolor: page.accent,
      opacity: tint.least + tint.more * shade,
      line: { width: 0 },
      layer: 'below',
    },
  ];
}

function stretchShape({ from, to }: { from: number; to: number }, placed: PlacedPanel) {
  const { x, yDomain } = axisOf(placed);
  return {
    type: 'rect' as const,
    ...{ xref: x, x0: from, x1: to, yref: yDomain, y0: 0, y1: 1 },
    fillcolor: page.second,
    opacity: 0.1,
    line: { width: 0 },
    layer: 'below' as const,
  };
}

/** A level line, and its notch on the staff. */
function levelShapes(
  value: number,
  placed: PlacedPanel,
  { staff, gap }: ScaleSize,
  second: boolean,
): Shapes {
  const { axis, y, xDomain, side } = standsOn(placed, second);
  if (value < axis.from || value > axis.to) return [];
  const line: Partial<Shape> = {
    type: 'line',
    ...{ xref: xDomain, x0: 0, x1: 1, yref: y, y0: value, y1: value },
    line: { color: page.accent, width: 1.2 },
    layer: 'below',
  };
  const notch: Partial<Shape> = {
    type: 'path',
    path: `M${side * (gap + staff - 2)},0L${side * (gap - 1)},5L${side * (gap - 1)},-5Z`,
    ...{ xref: xDomain, xsizemode: 'pixel', xanchor: side === 1 ? 1 : 0 },
    ...{ yref: y, ysizemode: 'pixel', yanchor: value },
    fillcolor: page.accent,
    line: { color: page.sheet, width: 0.8 },
  };
  return (second ? placed.secondValued : placed.valued) ? [line, notch] : [line];
}

/** The value axis that a yardstick stands on, and the side of its staff. */
function standsOn(placed: PlacedPanel, onSecond: boolean) {
  const { axis, second } = placed.panel;
  const { y, y2, xDomain } = axisOf(placed);
  return onSecond && second
    ? { axis: second, y: y2, xDomain, side: 1 as const }
    : { axis, y, xDomain, side: -1 as const };
}

function notchOnTape(day: number, placed: PlacedPanel, { tape, gap }: ScaleSize): Partial<Shape> {
  const { x, yDomain } = axisOf(placed);
  return {
    type: 'path',
    path: `M-5,${-gap}L5,${-gap}L0,${-gap - tape + 1}Z`,
    ...{ xref: x, xsizemode: 'pixel', xanchor: day + 0.5 },
    ...{ yref: yDomain, ysizemode: 'pixel', yanchor: 0 },
    fillcolor: page.sheet,
    line: { color: page.ink, width: 1 },
  };
}
