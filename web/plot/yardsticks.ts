import type { Shape } from 'plotly.js';
import { page } from '../look';
import type { PlacedPanel } from './panels';
import { axisOf, type ScaleSize } from './scales';

type Shapes = Partial<Shape>[];

/** How much of the accent a band wears: the first of several least, the last most. */
const tint = { least: 0.07, more: 0.16 };

/** What yardsticks have found, whatever their kind: bands, levels, stretches of dates, days. */
export function yardstickShapes(placed: PlacedPanel, size: ScaleSize): Shapes {
  return placed.panel.yardsticks.flatMap(({ bands, levels, stretches, days }) => [
    ...stretches.map((stretch) => stretchShape(stretch, placed)),
    ...bands.flatMap((each) => bandShape(each, placed)),
    ...levels.flatMap((level) => levelShapes(level, placed, size)),
    ...(placed.taped ? days.map((day) => notchOnTape(day, placed, size)) : []),
  ]);
}

function bandShape(
  { from, to, shade }: { from: number; to: number; shade: number },
  placed: PlacedPanel,
): Shapes {
  const { axis } = placed.panel;
  const { y, xDomain } = axisOf(placed);
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
function levelShapes(value: number, placed: PlacedPanel, { staff, gap }: ScaleSize): Shapes {
  const { axis } = placed.panel;
  const { y, xDomain } = axisOf(placed);
  if (value < axis.from || value > axis.to) return [];
  const line: Partial<Shape> = {
    type: 'line',
    ...{ xref: xDomain, x0: 0, x1: 1, yref: y, y0: value, y1: value },
    line: { color: page.accent, width: 1.2 },
    layer: 'below',
  };
  const notch: Partial<Shape> = {
    type: 'path',
    path: `M${-gap - staff + 2},0L${-gap + 1},5L${-gap + 1},-5Z`,
    ...{ xref: xDomain, xsizemode: 'pixel', xanchor: 0 },
    ...{ yref: y, ysizemode: 'pixel', yanchor: value },
    fillcolor: page.accent,
    line: { color: page.sheet, width: 0.8 },
  };
  return placed.valued ? [line, notch] : [line];
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
