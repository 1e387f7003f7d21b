import type { Dash, Shape } from 'plotly.js';
import type { Reading, ReadYardstick } from '../../core/reading';
import { plainLook } from '../../core/chart';
import type { Figures } from '../../core/values';
import type { Edges } from '../../core/yardsticks';
import { page, shadeOf } from '../look';
import { dashes } from './dashes';
import type { PlacedPanel } from './panels';
import { axisOf } from './scales';
import type { ScaleSize } from './geometry';

type Shapes = Partial<Shape>[];

/** How much of the accent a band wears: the first of several least, the last most. */
const tint = { least: 0.07, more: 0.16 };

/** What yardsticks have found, whatever their kind: bands, levels, stretches of dates, days. */
export function yardstickShapes(
  placed: PlacedPanel,
  size: ScaleSize,
  positions: Reading['positions'],
): Shapes {
  return placed.panel.yardsticks.flatMap((yardstick) => {
    const { bands, levels, edges, filledBetween, stretches, days, look } = yardstick;
    return [
      ...stretches.map((stretch) => stretchShape(stretch, placed, yardstick)),
      ...(filledBetween && edges ? areaShapes(edges, positions, placed, yardstick) : []),
      ...bands.flatMap((each) => bandShape(each, placed, yardstick)),
      ...levels.flatMap((level) => levelShapes(level, placed, size, yardstick)),
      ...(placed.taped ? days.map((day) => notchOnTape(day, placed, size, look)) : []),
    ];
  });
}

/** A shade so faint that what lies beneath is seen; of the fill alone, not of its edges. */
const faded = (shade: string, opacity: number) =>
  `rgba(${[1, 3, 5].map((at) => parseInt(shade.slice(at, at + 2), 16)).join(',')},${opacity.toFixed(3)})`;

/** The shade of a yardstick, and on which side of the lines it lies. */
const paintOf = ({ look }: ReadYardstick) => ({
  shade: look.colour ? shadeOf(look.colour) : page.accent,
  layer: look.front ? ('above' as const) : ('below' as const),
});

/** A band has no edges until its author gives them a width or a dash. */
function edgeOf({ look }: Pick<ReadYardstick, 'look'>): Partial<Shape>['line'] {
  const asked = look.width !== plainLook.width || look.dash !== plainLook.dash;
  if (!asked) return { width: 0 };
  const color = look.colour ? shadeOf(look.colour) : page.accent;
  return { width: look.width, dash: dashes[look.dash] as Dash, color };
}

/** A band whose edges change from position to position, in as many parts as it has gaps. */
function areaShapes(
  { low, high }: Edges,
  positions: Reading['positions'],
  placed: PlacedPanel,
  yardstick: ReadYardstick,
): Shapes {
  const { axis, y } = standsOn(placed, yardstick.second);
  const paint = paintOf(yardstick);
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
      xref: x,
      yref: y,
      fillcolor: faded(paint.shade, 0.12),
      line: edgeOf(yardstick),
      layer: paint.layer,
    }));
}

function bandShape(
  { from, to, shade }: { from: number; to: number; shade: number },
  placed: PlacedPanel,
  yardstick: ReadYardstick,
): Shapes {
  const { axis, y, xDomain } = standsOn(placed, yardstick.second);
  const paint = paintOf(yardstick);
  const [y0, y1] = [Math.max(from, axis.from), Math.min(to, axis.to)];
  if (y0 >= y1) return [];
  return [
    {
      type: 'rect',
      xref: xDomain,
      x0: 0,
      x1: 1,
      yref: y,
      y0,
      y1,
      fillcolor: faded(paint.shade, tint.least + tint.more * shade),
      // What is shaded up to a line has that line alone for an edge, or none where it is not drawn.
      line: from === -Infinity || to === Infinity ? { width: 0 } : edgeOf(yardstick),
      layer: paint.layer,
    },
  ];
}

function stretchShape(
  { from, to }: { from: number; to: number },
  placed: PlacedPanel,
  yardstick: ReadYardstick,
) {
  const { colour, front } = yardstick.look;
  const { x, yDomain } = axisOf(placed);
  return {
    type: 'rect' as const,
    xref: x,
    x0: from,
    x1: to,
    yref: yDomain,
    y0: 0,
    y1: 1,
    fillcolor: faded(colour ? shadeOf(colour) : page.second, 0.1),
    line: edgeOf(yardstick),
    layer: front ? ('above' as const) : ('below' as const),
  };
}

/** A level line, and its notch on the staff. */
function levelShapes(
  value: number,
  placed: PlacedPanel,
  { staff, gap }: ScaleSize,
  yardstick: ReadYardstick,
): Shapes {
  const { look, second } = yardstick;
  const { axis, y, xDomain, side } = standsOn(placed, second);
  const paint = paintOf(yardstick);
  if (value < axis.from || value > axis.to) return [];
  const line: Partial<Shape> = {
    type: 'line',
    xref: xDomain,
    x0: 0,
    x1: 1,
    yref: y,
    y0: value,
    y1: value,
    line: { color: paint.shade, width: look.width, dash: dashes[look.dash] as Dash },
    layer: paint.layer,
  };
  const notch: Partial<Shape> = {
    type: 'path',
    path: `M${side * (gap + staff - 2)},0L${side * (gap - 1)},5L${side * (gap - 1)},-5Z`,
    xref: xDomain,
    xsizemode: 'pixel',
    xanchor: side === 1 ? 1 : 0,
    yref: y,
    ysizemode: 'pixel',
    yanchor: value,
    fillcolor: paint.shade,
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

function notchOnTape(
  day: number,
  placed: PlacedPanel,
  { tape, gap }: ScaleSize,
  { colour }: ReadYardstick['look'],
): Partial<Shape> {
  const { x, yDomain } = axisOf(placed);
  return {
    type: 'path',
    path: `M-5,${-gap}L5,${-gap}L0,${-gap - tape + 1}Z`,
    xref: x,
    xsizemode: 'pixel',
    xanchor: day + 0.5,
    yref: yDomain,
    ysizemode: 'pixel',
    yanchor: 0,
    fillcolor: page.sheet,
    line: { color: colour ? shadeOf(colour) : page.ink, width: 1 },
  };
}
