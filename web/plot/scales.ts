import type { Annotations, Layout, Shape } from 'plotly.js';
import { axisFormat, axisValues, writeFigure } from '../../core/labels';
import type { Reading } from '../../core/reading';
import { page } from '../look';
import { layTape } from './tape';

/** How large the staff and the tape are drawn, in pixels. */
export interface ScaleSize {
  staff: number;
  tape: number;
  gap: number;
}
export const scaleSize = (compact: boolean): ScaleSize =>
  compact ? { staff: 6, tape: 5, gap: 4 } : { staff: 10, tape: 8, gap: 4 };

type Shapes = Partial<Shape>[];

/** The value axis as a surveyor's staff: alternating blocks that fall on the axis steps. */
export function staffShapes({ axis }: Reading, { staff, gap }: ScaleSize): Shapes {
  const half = axis.step / 2;
  const count = Math.round((axis.to - axis.from) / half);
  const at = (x0: number, x1: number) => ({
    type: 'rect' as const,
    xref: 'paper' as const,
    xsizemode: 'pixel' as const,
    xanchor: 0,
    x0,
    x1,
    yref: 'y' as const,
  });
  const middle = -gap - staff / 2;
  const first = Math.round(axis.from / half);
  const blocks = Array.from({ length: count }, (_, block) => ({
    ...((first + block) % 2 === 0 ? at(middle, -gap) : at(-gap - staff, middle)),
    y0: axis.from + block * half,
    y1: axis.from + (block + 1) * half,
    fillcolor: page.ink,
    line: { width: 0 },
  }));
  const frame = {
    ...at(-gap - staff, -gap),
    y0: axis.from,
    y1: axis.to,
    line: { color: page.ink, width: 0.8 },
  };
  return [{ ...frame, fillcolor: page.sheet }, ...blocks];
}

/** The date axis as a measuring tape: blocks that are the periods. */
export function tapeShapes(reading: Reading, { tape, gap }: ScaleSize, pixels: number): Shapes {
  const { edges } = tapeOf(reading, pixels);
  const at = (x0: number, x1: number) => ({
    type: 'rect' as const,
    xref: 'x' as const,
    x0,
    x1,
    yref: 'paper' as const,
    ysizemode: 'pixel' as const,
    yanchor: 0,
    y0: -gap,
    y1: -gap - tape,
  });
  const frame = { ...at(edges[0] ?? 0, edges.at(-1) ?? 0), line: { color: page.ink, width: 0.8 } };
  const blocks = edges
    .slice(0, -1)
    .flatMap((edge, block) =>
      block % 2 === 0
        ? [{ ...at(edge, edges[block + 1] ?? edge), fillcolor: page.ink, line: { width: 0 } }]
        : [],
    );
  return [{ ...frame, fillcolor: page.sheet }, ...blocks];
}

function tapeOf({ periods, grain }: Reading, pixels: number) {
  return layTape(periods[0]?.start ?? 0, periods.at(-1)?.next ?? 1, grain, pixels);
}

/** The names under the tape: the period, and in bold what it is part of. */
export function tapeAnnotations(
  reading: Reading,
  { tape, gap }: ScaleSize,
  pixels: number,
  fontSize: number,
): Partial<Annotations>[] {
  const base = {
    xref: 'x' as const,
    yref: 'paper' as const,
    y: 0,
    yanchor: 'top' as const,
    showarrow: false,
  };
  return tapeOf(reading, pixels).labels.map(({ at, short, of }) => ({
    ...base,
    x: at,
    yshift: -gap - tape - 1,
    text: of ? `${short}<br><b>${of}</b>` : short,
    font: { size: fontSize, color: page.second },
    align: 'center' as const,
  }));
}

/** The two axes; their drawn scales are the staff and the tape. */
export function axes(
  reading: Reading,
  { staff, gap }: ScaleSize,
  fontSize: number,
): Partial<Layout> {
  const { axis, format, periods } = reading;
  const values = axisValues(axis);
  return {
    xaxis: {
      range: [periods[0]?.start ?? 0, periods.at(-1)?.next ?? 1],
      type: 'linear',
      showgrid: false,
      zeroline: false,
      showticklabels: false,
      fixedrange: true,
    },
    yaxis: {
      range: [axis.from, axis.to],
      tickmode: 'array',
      tickvals: values,
      ticktext: values.map((value) => writeFigure(value, axisFormat(axis, format))),
      ticks: 'outside',
      ticklen: staff + gap + 3,
      tickcolor: 'rgba(0,0,0,0)',
      tickfont: { size: fontSize, color: page.second },
      gridcolor: '#E9EEEE',
      zeroline: axis.from < 0 && axis.to > 0,
      zerolinecolor: '#8C989E',
      zerolinewidth: 1,
      fixedrange: true,
    },
  };
}
