import type { Annotations, Shape } from 'plotly.js';
import type { Reading } from '../../../core/reading';
import { page } from '../../look';
import type { Day } from '../../../core/calendar';
import { type ScaleSize, toX } from '../geometry';
import { axisOf } from '../scales';
import type { PlacedPanel } from '../panels';
import type { AxisDrawing } from './axisDrawing';
import { layTape, type Tape } from './tape';

/** About how wide a letter is of its size. */
const letter = 0.52;

/** The date axis as a measuring tape: blocks that are the periods. */
export const calendarAxis: AxisDrawing = {
  staffed: true,
  height: ({ tape, gap }, fontSize, { look }) =>
    tape + gap + (look.wholeDates ? 1 : 2) * fontSize + 12,
  shapes: (reading, placed, size) => tapeShapes(tapeOf(reading, placed, 12), placed, size),
  labels: (reading, placed, size, fontSize) =>
    tapeLabels(tapeOf(reading, placed, fontSize), placed, size, fontSize),
};

export function tapeOf(
  { positions, grain, look }: Reading,
  { geometry }: PlacedPanel,
  fontSize: number,
): Tape {
  const [first, next] = [positions[0]?.start ?? 0, positions.at(-1)?.next ?? 1];
  const pixels = toX(geometry, next) - toX(geometry, first);
  const names = new Map(positions.map(({ start, label }) => [start, label]));
  const longest = Math.max(0, ...positions.map(({ label }) => label.length));
  const whole = {
    write: (start: Day) => names.get(start) ?? '',
    widest: longest * letter * fontSize,
  };
  return layTape(first, next, grain, pixels, {
    ...look.periods,
    ...(look.wholeDates && { whole }),
  });
}

export function tapeShapes(
  { edges }: Tape,
  placed: PlacedPanel,
  { tape, gap }: ScaleSize,
): Partial<Shape>[] {
  const { x, yDomain } = axisOf(placed);
  const at = (x0: number, x1: number) => ({
    type: 'rect' as const,
    xref: x,
    x0,
    x1,
    yref: yDomain,
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

/** The names under the tape: the period, and in bold what it is part of. */
export function tapeLabels(
  { labels }: Tape,
  placed: PlacedPanel,
  { tape, gap }: ScaleSize,
  fontSize: number,
): Partial<Annotations>[] {
  const { x, yDomain } = axisOf(placed);
  return labels.map(({ at, short, of }) => ({
    xref: x,
    yref: yDomain,
    x: at,
    y: 0,
    yanchor: 'top' as const,
    showarrow: false,
    yshift: -gap - tape - 1,
    text: of ? `${short}<br><b>${of}</b>` : short,
    font: { size: fontSize, color: page.second },
    align: 'center' as const,
  }));
}
