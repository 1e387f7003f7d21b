import type { Layout, Shape } from 'plotly.js';
import { axisFormat, axisValues, writeFigure } from '../../core/labels';
import type { Reading } from '../../core/reading';
import { page } from '../look';
import type { PlacedPanel } from './panels';

/** How large the staff and the tape are drawn, in pixels. */
export interface ScaleSize {
  staff: number;
  tape: number;
  gap: number;
}
export const scaleSize = (compact: boolean): ScaleSize =>
  compact ? { staff: 6, tape: 5, gap: 4 } : { staff: 10, tape: 8, gap: 4 };

/** The names of a panel's axes in the picture, and of the stretch that each takes up. */
export function axisOf({ number }: Pick<PlacedPanel, 'number'>) {
  const suffix = number === 1 ? '' : String(number);
  // The library's types know the first axes only.
  return {
    x: `x${suffix}` as 'x',
    y: `y${suffix}` as 'y',
    xDomain: `x${suffix} domain` as 'paper',
    yDomain: `y${suffix} domain` as 'paper',
  };
}

/** Values nearer to each other than this cannot be read, in pixels. */
const valueRoom = 17;

/** Of how many values on the axis one is labelled, so that none touches the next. */
function labelStride({ panel: { axis }, geometry }: PlacedPanel): number {
  const high = geometry.height - geometry.top - geometry.bottom;
  const apart = (high * axis.step) / (axis.to - axis.from);
  return [1, 2, 5, 10, 20].find((stride) => apart * stride >= valueRoom) ?? 50;
}

/** The value axis as a surveyor's staff: alternating blocks that fall on the axis steps. */
export function staffShapes(placed: PlacedPanel, { staff, gap }: ScaleSize): Partial<Shape>[] {
  const { axis } = placed.panel;
  const { y, xDomain } = axisOf(placed);
  const half = (axis.step / 2) * labelStride(placed);
  const first = Math.floor(axis.from / half + 1e-9);
  const count = Math.ceil(axis.to / half - 1e-9) - first;
  const at = (x0: number, x1: number) => ({
    type: 'rect' as const,
    ...{ xref: xDomain, xsizemode: 'pixel' as const, xanchor: 0, x0, x1, yref: y },
  });
  const middle = -gap - staff / 2;
  const blocks = Array.from({ length: count }, (_, block) => ({
    ...((first + block) % 2 === 0 ? at(middle, -gap) : at(-gap - staff, middle)),
    y0: Math.max(axis.from, (first + block) * half),
    y1: Math.min(axis.to, (first + block + 1) * half),
    fillcolor: page.ink,
    line: { width: 0 },
  }));
  const frame = {
    ...at(-gap - staff, -gap),
    ...{ y0: axis.from, y1: axis.to, line: { color: page.ink, width: 0.8 } },
  };
  return [{ ...frame, fillcolor: page.sheet }, ...blocks];
}

/** The hairline that parts a panel from the one at its left. */
export function partingShape(placed: PlacedPanel): Partial<Shape> {
  const { xDomain, yDomain } = axisOf(placed);
  return {
    type: 'line',
    ...{ xref: xDomain, xsizemode: 'pixel', xanchor: 0, x0: -9, x1: -9 },
    ...{ yref: yDomain, y0: 0, y1: 1.02, line: { color: page.hairline, width: 1 } },
  };
}

/** The two axes of a panel; their drawn scales are the staff and the tape. */
export function axesOf(
  reading: Reading,
  placed: PlacedPanel,
  { staff, gap }: ScaleSize,
  { fontSize, staffed }: { fontSize: number; staffed: boolean },
): Partial<Layout> {
  const { format } = reading;
  const { panel, geometry } = placed;
  const { axis } = panel;
  const { width, height, left, right, top, bottom } = geometry;
  const stride = labelStride(placed);
  const values = axisValues(axis).filter((value) => Math.round(value / axis.step) % stride === 0);
  const { x, y } = axisOf(placed);
  return {
    [x.replace('x', 'xaxis')]: {
      range: [geometry.xFrom, geometry.xTo],
      domain: [left / width, 1 - right / width],
      anchor: y,
      ...{ type: 'linear', showgrid: false, zeroline: false },
      ...{ showticklabels: false, fixedrange: true },
    },
    [y.replace('y', 'yaxis')]: {
      range: [axis.from, axis.to],
      domain: [bottom / height, 1 - top / height],
      anchor: x,
      tickmode: 'array',
      tickvals: values,
      ticktext: values.map((value) => writeFigure(value, axisFormat(axis, format))),
      ticks: 'outside',
      ticklen: staff + gap + 3,
      tickcolor: 'rgba(0,0,0,0)',
      tickfont: { size: fontSize, color: page.second },
      showticklabels: staffed && placed.valued,
      showgrid: staffed,
      gridcolor: '#E9EEEE',
      zeroline: axis.from < 0 && axis.to > 0,
      zerolinecolor: '#8C989E',
      zerolinewidth: 1,
      fixedrange: true,
    },
  };
}
