import type { Annotations, PlotData } from 'plotly.js';
import { writeFigure } from '../../core/labels';
import type { Reading, ReadStandout } from '../../core/reading';
import { page } from '../look';
import { type Geometry, type Measure, toX, toY } from './geometry';

/** A place that is taken, in pixels of the picture. */
export interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

const labelHeight = 16;

/** The points picked out: the highest as a ring, the lowest as a disc. */
export function standoutTraces({ standouts, periods }: Reading): Partial<PlotData>[] {
  if (standouts.length === 0) return [];
  return [
    {
      type: 'scatter',
      mode: 'markers',
      x: standouts.map(({ period }) => periods[period]?.middle ?? null),
      y: standouts.map(({ figure }) => figure),
      marker: {
        size: 9,
        color: standouts.map(({ pick }) => (pick === 'highest' ? page.sheet : page.ink)),
        line: { color: page.ink, width: 1.8 },
      },
      cliponaxis: false,
    },
  ];
}

/**
 * Labels for the points picked out, each at the first of four places where it lies on no line, on no
 * other label and not outside; where none is free, at the place that covers least.
 */
export function standoutLabels(
  reading: Reading,
  geometry: Geometry,
  measure: Measure,
  compact: boolean,
  taken: readonly Box[],
): Partial<Annotations>[] {
  const placed: Box[] = [...taken];
  const size = compact ? 11.5 : 12.5;
  return reading.standouts.map((standout) => {
    const period = reading.periods[standout.period];
    const figure = writeFigure(standout.figure, reading.format);
    const rest = compact ? '' : ` ${period?.label ?? ''}`;
    const width = measure(figure, size, 700) + measure(rest, size, 400) + 4;
    const at = { x: toX(geometry, period?.middle ?? 0), y: toY(geometry, standout.figure) };
    const candidates = candidateBoxes(at, width, standout);
    const costs = candidates.map((box) => cost(box, reading, geometry, placed));
    const best = candidates[costs.indexOf(Math.min(...costs))] as Box;
    placed.push(best);
    return {
      xref: 'paper',
      yref: 'paper',
      x: 0,
      y: 1,
      xanchor: 'left',
      yanchor: 'top',
      xshift: best.left - geometry.left,
      yshift: geometry.top - best.top,
      borderpad: 0,
      showarrow: false,
      text: `<b>${figure}</b>${rest}`,
      font: { size, color: page.ink },
      align: 'left',
    };
  });
}

function candidateBoxes(
  at: { x: number; y: number },
  width: number,
  { pick }: ReadStandout,
): Box[] {
  const box = (left: number, top: number) => ({
    left,
    right: left + width,
    top,
    bottom: top + labelHeight,
  });
  const above = at.y - 9 - labelHeight;
  const below = at.y + 8;
  const levels = pick === 'highest' ? [above, below] : [below, above];
  return [
    ...levels.flatMap((top) => [
      box(at.x - width / 2, top),
      box(at.x + 2, top),
      box(at.x - width - 2, top),
      box(at.x - width - 9, top),
    ]),
    box(at.x + 9, at.y - labelHeight / 2),
    box(at.x - width - 9, at.y - labelHeight / 2),
  ];
}

/** Points of lines count one each, overlaps of labels and standing outside far more. */
function cost(box: Box, reading: Reading, geometry: Geometry, placed: readonly Box[]): number {
  const { width, height, left, right, top, bottom } = geometry;
  const outside =
    Math.max(0, left - box.left) +
    Math.max(0, box.right - (width - right) - 8) +
    Math.max(0, top - labelHeight - box.top) +
    Math.max(0, box.bottom - (height - bottom));
  const overlaps = placed.filter((other) => meets(box, other)).length;
  const covered = reading.series.reduce((sum, { pieces }) => {
    const crossed = pieces.some(({ x, y }) =>
      x.some(
        (day, place) =>
          place > 0 &&
          strokeMeets(box, geometry, [x[place - 1] ?? 0, y[place - 1] ?? 0], [day, y[place] ?? 0]),
      ),
    );
    return sum + Number(crossed);
  }, 0);
  return outside * 100 + overlaps * 1000 + covered * 10;
}

const meets = (a: Box, b: Box) =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** Whether a stroke passes through a box, seen at eight points along it. */
function strokeMeets(
  box: Box,
  geometry: Geometry,
  from: [number, number],
  to: [number, number],
): boolean {
  const [x0, y0] = [toX(geometry, from[0]), toY(geometry, from[1])];
  const [x1, y1] = [toX(geometry, to[0]), toY(geometry, to[1])];
  if (Math.max(x0, x1) < box.left || Math.min(x0, x1) > box.right) return false;
  return Array.from({ length: 9 }, (_, step) => step / 8).some((share) => {
    const x = x0 + (x1 - x0) * share;
    const y = y0 + (y1 - y0) * share;
    return x > box.left && x < box.right && y > box.top && y < box.bottom;
  });
}
