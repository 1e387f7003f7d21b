import type { Annotations, Dash, Layout, Shape } from 'plotly.js';
import {
  axisFormat,
  axisValues,
  type FigureFormat,
  type ValueAxis,
  writeFigure,
} from '../../core/labels';
import type { Reading } from '../../core/reading';
import { page, shadeOf } from '../look';
import { dashes } from './dashes';
import type { Geometry, ScaleSize } from './geometry';
import { geometryOn, type PlacedPanel } from './panels';

export const scaleSize = (compact: boolean): ScaleSize =>
  compact ? { staff: 6, tape: 5, gap: 4 } : { staff: 10, tape: 8, gap: 4 };

/** The names of a panel's axes in the picture, and of the stretch that each takes up. */
export function axisOf({ number }: Pick<PlacedPanel, 'number'>) {
  const suffix = number === 1 ? '' : String(number);
  // The library's types know the first axes only.
  return {
    x: `x${suffix}` as 'x',
    y: `y${suffix}` as 'y',
    // Its second value axis lies over the first, under a number that no panel has.
    y2: `y${number + 500}` as 'y',
    xDomain: `x${suffix} domain` as 'paper',
    yDomain: `y${suffix} domain` as 'paper',
  };
}

/** Values nearer to each other than this cannot be read, in pixels. */
const valueRoom = 17;

/** Of how many values on the axis one is labelled, so that none touches the next. */
function labelStride(geometry: Geometry, axis: ValueAxis): number {
  const { height, top, bottom, yFrom, yTo } = geometry;
  const apart = ((height - top - bottom) * axis.step) / (yTo - yFrom);
  return [1, 2, 5, 10, 20].find((stride) => apart * stride >= valueRoom) ?? 50;
}

/** The staffs of a panel, where they are drawn: at its left, and at its right for a second axis. */
export function staffShapes(placed: PlacedPanel, size: ScaleSize): Partial<Shape>[] {
  const { panel, valued, secondValued } = placed;
  const { y, y2 } = axisOf(placed);
  return [
    ...(valued ? staff(placed, panel.axis, { ...size, y, side: -1 }) : []),
    ...(secondValued && panel.second
      ? staff(placed, panel.second, { ...size, y: y2, side: 1 })
      : []),
  ];
}

/** A value axis as a surveyor's staff: alternating blocks that fall on the axis steps. */
function staff(
  placed: PlacedPanel,
  axis: ValueAxis,
  { staff: width, gap, y, side }: ScaleSize & { y: 'y'; side: -1 | 1 },
): Partial<Shape>[] {
  const { xDomain } = axisOf(placed);
  const half =
    (axis.step / 2) * labelStride(geometryOn(placed, axis === placed.panel.second), axis);
  const first = Math.floor(axis.from / half + 1e-9);
  const count = Math.ceil(axis.to / half - 1e-9) - first;
  // From the plot outwards, to the side on which the staff stands.
  const at = (near: number, far: number) => ({
    type: 'rect' as const,
    xref: xDomain,
    xsizemode: 'pixel' as const,
    xanchor: side === 1 ? 1 : 0,
    yref: y,
    x0: side * far,
    x1: side * near,
  });
  const middle = gap + width / 2;
  const blocks = Array.from({ length: count }, (_, block) => ({
    ...((first + block) % 2 === 0 ? at(gap, middle) : at(middle, gap + width)),
    y0: Math.max(axis.from, (first + block) * half),
    y1: Math.min(axis.to, (first + block + 1) * half),
    fillcolor: page.ink,
    line: { width: 0 },
  }));
  const frame = {
    ...at(gap, gap + width),
    y0: axis.from,
    y1: axis.to,
    line: { color: page.ink, width: 0.8 },
  };
  return [{ ...frame, fillcolor: page.sheet }, ...blocks];
}

/** What parts a panel from the one at its left. */
export function partingShape({ look }: Reading, placed: PlacedPanel): Partial<Shape>[] {
  const { shown, colour, dash, width } = look.sheet.separators;
  if (!placed.parted || !shown) return [];
  const { xDomain, yDomain } = axisOf(placed);
  return [
    {
      type: 'line',
      xref: xDomain,
      xsizemode: 'pixel',
      xanchor: 0,
      x0: -9,
      x1: -9,
      yref: yDomain,
      y0: 0,
      y1: 1.02,
      line: { color: colour ? shadeOf(colour) : page.hairline, width, dash: dashes[dash] as Dash },
    },
  ];
}

/** The two axes of a panel; their drawn scales are the staff and the tape. */
export function axesOf(
  reading: Reading,
  placed: PlacedPanel,
  { staff, gap }: ScaleSize,
  { fontSize, staffed }: { fontSize: number; staffed: boolean },
): Partial<Layout> {
  const { format, secondFormat, look } = reading;
  const { panel, geometry } = placed;
  const { axis, second } = panel;
  const { width, height, left, right, top, bottom } = geometry;
  const { x, y, y2 } = axisOf(placed);
  const scale = (of: ValueAxis, written: FigureFormat, labelled: boolean) => {
    const { yFrom, yTo } = geometryOn(placed, of === second);
    const stride = labelStride(geometryOn(placed, of === second), of);
    const values = axisValues(of).filter((value) => Math.round(value / of.step) % stride === 0);
    return {
      range: [yFrom, yTo],
      tickmode: 'array' as const,
      tickvals: values,
      ticktext: values.map((value) => writeFigure(value, axisFormat(of, written))),
      ticks: 'outside' as const,
      ticklen: (look.shown.scales ? staff + gap : 0) + 3,
      tickcolor: 'rgba(0,0,0,0)',
      tickfont: { size: fontSize, color: page.second },
      showticklabels: staffed && labelled && look.shown.values,
      fixedrange: true,
      anchor: x,
    };
  };
  return {
    [x.replace('x', 'xaxis')]: {
      range: [geometry.xFrom, geometry.xTo],
      domain: [left / width, 1 - right / width],
      anchor: y,
      type: 'linear',
      showgrid: false,
      zeroline: false,
      showticklabels: false,
      fixedrange: true,
    },
    [y.replace('y', 'yaxis')]: {
      ...scale(axis, format, placed.valued),
      domain: [bottom / height, 1 - top / height],
      // What stands on the second axis lies beneath: bars there would hide the lines.
      ...(second && { overlaying: y2 }),
      showgrid: staffed && look.shown.gridlines,
      gridcolor: '#E9EEEE',
      zeroline: axis.from < 0 && axis.to > 0,
      zerolinecolor: '#8C989E',
      zerolinewidth: 1,
    },
    ...(second && {
      [y2.replace('y', 'yaxis')]: {
        ...scale(second, secondFormat, placed.secondValued),
        domain: [bottom / height, 1 - top / height],
        side: 'right',
        showgrid: false,
        zeroline: false,
      },
    }),
  };
}

/** What is written along the axes, outside their values and dates. */
export function axisTitles(
  { look: { titles } }: Reading,
  placed: PlacedPanel,
  { left, second, below }: { left: number; second: number; below: number },
  fontSize: number,
): Partial<Annotations>[] {
  const { xDomain, yDomain } = axisOf(placed);
  const written = (text: string, at: Partial<Annotations>): Partial<Annotations>[] =>
    text === ''
      ? []
      : [
          {
            xref: xDomain,
            yref: yDomain,
            y: 0.5,
            yanchor: 'middle',
            showarrow: false,
            text: plainText(text),
            font: { size: fontSize, color: page.second },
            ...at,
          },
        ];
  return [
    ...(placed.valued
      ? written(titles.first, { x: 0, xanchor: 'left', xshift: -left, textangle: '-90' })
      : []),
    ...(placed.secondValued
      ? written(titles.second, { x: 1, xanchor: 'right', xshift: second, textangle: '90' })
      : []),
    ...(placed.taped
      ? written(titles.along, {
          x: 0.5,
          y: 0,
          yanchor: 'bottom',
          xanchor: 'center',
          yshift: -below,
        })
      : []),
  ];
}

/** What people write is never markup. */
export const plainText = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');
