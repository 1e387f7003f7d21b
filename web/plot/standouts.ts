import type { Annotations, PlotData } from 'plotly.js';
import { writeFigure } from '../../core/labels';
import type { Reading, ReadPanel, ReadSeries, ReadStandout } from '../../core/reading';
import { page } from '../look';
import type { PlacedPanel } from './panels';
import { axisOf } from './scales';
import { dayAt, type Geometry, type Measure, periodAt, toX, toY } from './geometry';

/** A place that is taken, in pixels of the picture. */
export interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

const labelHeight = 16;

/** The points picked out: the lowest as a disc, all others as rings. */
export function standoutTraces({ positions }: Reading, placed: PlacedPanel): Partial<PlotData>[] {
  const { standouts } = placed.panel;
  const { x, y } = axisOf(placed);
  if (standouts.length === 0) return [];
  return [
    {
      type: 'scatter',
      mode: 'markers',
      ...{ xaxis: x, yaxis: y },
      x: standouts.map(({ period }) => positions[period]?.middle ?? null),
      y: standouts.map(({ figure }) => figure),
      marker: {
        size: 9,
        color: standouts.map(({ pick }) => (pick === 'lowest' ? page.ink : page.sheet)),
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
  panelled: PlacedPanel,
  measure: Measure,
  compact: boolean,
  taken: readonly Box[],
): Partial<Annotations>[] {
  const { panel, geometry } = panelled;
  const { xDomain, yDomain } = axisOf(panelled);
  const placed: Box[] = [...taken];
  const size = compact ? 11.5 : 12.5;
  return panel.standouts.map((standout) => {
    const period = reading.positions[standout.period];
    const figure = writeFigure(standout.figure, reading.format);
    const rest = compact ? '' : ` ${period?.label ?? ''}`;
    const width = measure(figure, size, 700) + measure(rest, size, 400) + 4;
    const at = { x: toX(geometry, period?.middle ?? 0), y: toY(geometry, standout.figure) };
    const candidates = candidateBoxes(at, width, standout);
    const costs = candidates.map((box) => cost(box, { reading, panel, geometry, placed }));
    const best = candidates[costs.indexOf(Math.min(...costs))] as Box;
    placed.push(best);
    return {
      xref: xDomain,
      yref: yDomain,
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
  const levels = pick === 'lowest' ? [below, above] : [above, below];
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

/** What a label must not cover. */
interface Around {
  reading: Reading;
  panel: ReadPanel;
  geometry: Geometry;
  placed: readonly Box[];
}

/** Each line that passes through counts ten, overlaps of labels and standing outside far more. */
function cost(box: Box, { reading, panel, geometry, placed }: Around): number {
  const { width, height, left, right, top, bottom } = geometry;
  const outside =
    Math.max(0, left - box.left) +
    Math.max(0, box.right - (width - right) - 8) +
    Math.max(0, top - labelHeight - box.top) +
    Math.max(0, box.bottom - (height - bottom));
  const overlaps = placed.filter((other) => meets(box, other)).length;
  return (
    outside * 100 +
    overlaps * 1000 +
    linesThrough(box, reading.positions, panel.series, geometry) * 10
  );
}

const meets = (a: Box, b: Box) =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** How many lines pass through a box; only strokes between the periods under it can. */
function linesThrough(
  box: Box,
  positions: Reading['positions'],
  series: readonly ReadSeries[],
  geometry: Geometry,
): number {
  const first = periodAt({ positions }, dayAt(geometry, box.left)) - 1;
  const last = periodAt({ positions }, dayAt(geometry, box.right)) + 1;
  const x = (place: number) => toX(geometry, positions[place]?.middle ?? 0);
  return series.filter(({ figures }) => {
    for (let place = Math.max(0, first); place < last; place += 1) {
      const from = figures[place] ?? null;
      const to = figures[place + 1] ?? null;
      if (from === null || to === null) continue;
      const stroke = [x(place), toY(geometry, from), x(place + 1), toY(geometry, to)] as const;
      if (passesThrough(box, ...stroke)) return true;
    }
    return false;
  }).length;
}

/**
 * Whether a straight stroke passes through a box.
 * Source: Liang and Barsky (1984), A New Concept and Method for Line Clipping.
 */
export function passesThrough(box: Box, x0: number, y0: number, x1: number, y1: number): boolean {
  let enters = 0;
  let leaves = 1;
  const within = (step: number, room: number) => {
    if (step === 0) return room > 0;
    if (step < 0) enters = Math.max(enters, room / step);
    else leaves = Math.min(leaves, room / step);
    return enters < leaves;
  };
  return (
    within(x0 - x1, x0 - box.left) &&
    within(x1 - x0, box.right - x0) &&
    within(y0 - y1, y0 - box.top) &&
    within(y1 - y0, box.bottom - y0)
  );
}
