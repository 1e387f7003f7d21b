import type { Annotations, PlotData } from 'plotly.js';
import type { Reading, ReadStandout } from '../../core/reading';
import { letteredIn, page, shadeOf } from '../look';
import { geometryOn, type PlacedPanel } from './panels';
import { axisOf, plainText } from './scales';
import { dayAt, type Measure, periodAt, toX, toY } from './geometry';

/** A place that is taken, in pixels of the picture. */
export interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

const labelHeight = 16;

const inkOf = ({ colour }: Pick<ReadStandout, 'colour'>) => (colour ? shadeOf(colour) : page.ink);

/** The points picked out: the lowest as a disc, all others as rings. */
export function standoutTraces({ positions }: Reading, placed: PlacedPanel): Partial<PlotData>[] {
  const { standouts } = placed.panel;
  const { x, y, y2 } = axisOf(placed);
  const onAxis = [
    standouts.filter(({ second }) => !second),
    standouts.filter((each) => each.second),
  ];
  return onAxis.flatMap((picked, second): Partial<PlotData>[] =>
    picked.length === 0
      ? []
      : [
          {
            type: 'scatter',
            mode: 'markers',
            xaxis: x,
            yaxis: second ? y2 : y,
            x: picked.map(({ period }) => positions[period]?.middle ?? null),
            y: picked.map(({ figure }) => figure),
            marker: {
              size: 9,
              color: picked.map((each) => (each.kind === 'lowest' ? inkOf(each) : page.sheet)),
              line: { color: picked.map(inkOf), width: 1.8 },
            },
            cliponaxis: false,
          },
        ],
  );
}

/** How labels are written, and where none may stand. */
export interface Lettering {
  measure: Measure;
  /** only the figure, without its period */
  compact: boolean;
  size: number;
  taken: readonly Box[];
}

/** The labels that found a place, and how many did not. */
export interface PlacedLabels {
  labels: Partial<Annotations>[];
  leftOut: number;
}

/**
 * Labels for the points picked out, each at the first of several places where it lies on no line, on no
 * other label and not outside; where each lies on a line, at the place that covers least. Extremes come
 * first, and look for room farther away; what else would lie on another label is left out.
 */
export function standoutLabels(
  reading: Reading,
  panelled: PlacedPanel,
  { measure, compact, size, taken }: Lettering,
): PlacedLabels {
  const { panel, geometry } = panelled;
  const { xDomain, yDomain } = axisOf(panelled);
  const placed: Box[] = [...taken];
  const inTurn = [...panel.standouts].sort((a, b) => Number(isExtreme(b)) - Number(isExtreme(a)));
  const labels = inTurn.flatMap((standout): Partial<Annotations>[] => {
    const period = reading.positions[standout.period];
    const figure = standout.label;
    const rest = compact || standout.more === '' ? '' : ` ${plainText(standout.more)}`;
    const width = measure(figure, size, 700) + measure(rest, size, 400) + 4;
    const at = {
      x: toX(geometry, period?.middle ?? 0),
      y: toY(geometryOn(panelled, standout.second), standout.figure),
    };
    const candidates = candidateBoxes(at, width, standout);
    const costs = candidates.map((box) => cost(box, { reading, panelled, placed }));
    const least = Math.min(...costs);
    const near = candidates[costs.indexOf(least)] as Box;
    const covered = least >= covering;
    const best = covered && isExtreme(standout) ? (freeBox(near, panelled, placed) ?? near) : near;
    if (covered && !isExtreme(standout)) return [];
    placed.push(best);
    return [
      {
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
        font: { size, color: standout.colour ? letteredIn(standout.colour) : page.ink },
        align: 'left',
      },
    ];
  });
  return { labels, leftOut: panel.standouts.length - labels.length };
}

const isExtreme = ({ extreme }: ReadStandout) => extreme;

/** What lying on another label, or outside the picture, costs at least. */
const covering = 1000;
/** How far apart the places are that are tried across a whole panel, in pixels. */
const scan = 8;

/** The place nearest to a box that no label takes, anywhere in the panel; null when it is full. */
function freeBox(wanted: Box, { geometry }: PlacedPanel, placed: readonly Box[]): Box | null {
  const { width, height, left, right, top, bottom } = geometry;
  const size = { across: wanted.right - wanted.left, down: wanted.bottom - wanted.top };
  let best: Box | null = null;
  let nearest = Infinity;
  for (let y = Math.max(0, top - labelHeight); y + size.down <= height - bottom; y += scan)
    for (let x = left; x + size.across <= width - right; x += scan) {
      const box = { left: x, right: x + size.across, top: y, bottom: y + size.down };
      const distance = Math.hypot(x - wanted.left, y - wanted.top);
      if (distance < nearest && !placed.some((other) => meets(box, other)))
        [best, nearest] = [box, distance];
    }
  return best;
}

function candidateBoxes(
  at: { x: number; y: number },
  width: number,
  { kind }: ReadStandout,
): Box[] {
  const box = (left: number, top: number) => ({
    left,
    right: left + width,
    top,
    bottom: top + labelHeight,
  });
  const above = at.y - 9 - labelHeight;
  const below = at.y + 8;
  const levels = kind === 'lowest' ? [below, above] : [above, below];
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
  panelled: PlacedPanel;
  placed: readonly Box[];
}

/** Each line that passes through counts ten, overlaps of labels and standing outside far more. */
function cost(box: Box, { reading, panelled, placed }: Around): number {
  const { width, height, left, right, top, bottom } = panelled.geometry;
  const outside =
    Math.max(0, left - box.left) +
    Math.max(0, box.right - (width - right) - 8) +
    Math.max(0, top - labelHeight - box.top) +
    Math.max(0, box.bottom - (height - bottom));
  const overlaps = placed.filter((other) => meets(box, other)).length;
  const leaves = box.left < 0 || box.right > width || box.top < 0 || box.bottom > height;
  return (
    outside * 100 +
    (overlaps + Number(leaves)) * covering +
    linesThrough(box, reading.positions, panelled) * 10
  );
}

const meets = (a: Box, b: Box) =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** How many lines pass through a box; only strokes between the periods under it can. */
function linesThrough(box: Box, positions: Reading['positions'], panelled: PlacedPanel): number {
  const { geometry, panel } = panelled;
  const first = periodAt({ positions }, dayAt(geometry, box.left)) - 1;
  const last = periodAt({ positions }, dayAt(geometry, box.right)) + 1;
  const x = (place: number) => toX(geometry, positions[place]?.middle ?? 0);
  return panel.series.filter(({ figures, second }) => {
    const scale = geometryOn(panelled, second);
    for (let place = Math.max(0, first); place < last; place += 1) {
      const from = figures[place] ?? null;
      const to = figures[place + 1] ?? null;
      if (from === null || to === null) continue;
      const stroke = [x(place), toY(scale, from), x(place + 1), toY(scale, to)] as const;
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
