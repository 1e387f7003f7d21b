import type { Box } from '../geometry';

/** What is drawn, by what it belongs to: a line, a yardstick. */
export type Inked = { of: string } & (Stroke | { box: Box });

/** A stroke through points, in pixels. */
interface Stroke {
  x: readonly (number | null)[];
  y: readonly (number | null)[];
  /** how wide it is, in pixels */
  width: number;
}

/** Which places of a picture have strokes in them. */
export interface InkMap {
  /** no stroke at all passes through a place */
  isFree: (box: Box) => boolean;
  /** none but its own line's does */
  isFreeFor: (box: Box, own: string) => boolean;
}

/** How fine the map is, in pixels; and how far from a stroke a place is to be. */
const cell = 3;
const apart = 1.5;
const several = 0xffff;

/**
 * Maps the strokes of a panel, once, so that many places can be asked about quickly: a stroke that a
 * place must keep clear of is never missed, one just beside it may count.
 * @param plot where the strokes are drawn
 * @param strokes in pixels of the picture
 */
export function mapInk(plot: Box, strokes: readonly Inked[]): InkMap {
  const columns = Math.max(1, Math.ceil((plot.right - plot.left) / cell));
  const rows = Math.max(1, Math.ceil((plot.bottom - plot.top) / cell));
  const owners = new Uint16Array(columns * rows);
  const owner = new Map<string, number>();
  for (const stroke of strokes) {
    const own = owner.get(stroke.of) ?? owner.size + 1;
    owner.set(stroke.of, own);
    if ('box' in stroke) put(stroke.box, own);
    else mark(stroke, own);
  }
  const sums = summed(owners, columns, rows);
  const cells = (box: Box) => ({
    from: Math.max(0, Math.floor((box.left - apart - plot.left) / cell)),
    to: Math.min(columns - 1, Math.floor((box.right + apart - plot.left) / cell)),
    first: Math.max(0, Math.floor((box.top - apart - plot.top) / cell)),
    last: Math.min(rows - 1, Math.floor((box.bottom + apart - plot.top) / cell)),
  });
  return {
    isFree: (box) => {
      const { from, to, first, last } = cells(box);
      if (to < from || last < first) return true;
      const at = (row: number, column: number) => sums[row * (columns + 1) + column] ?? 0;
      return at(last + 1, to + 1) - at(first, to + 1) - at(last + 1, from) + at(first, from) === 0;
    },
    isFreeFor: (box, own) => {
      const mine = owner.get(own) ?? 0;
      const { from, to, first, last } = cells(box);
      for (let row = first; row <= last; row += 1)
        for (let column = from; column <= to; column += 1) {
          const found = owners[row * columns + column] ?? 0;
          if (found !== 0 && found !== mine) return false;
        }
      return true;
    },
  };

  function mark({ x, y, width }: Stroke, own: number) {
    const half = Math.max(0, width / 2 - apart);
    for (let at = 1; at < x.length; at += 1) {
      const [x0, y0, x1, y1] = [x[at - 1], y[at - 1], x[at], y[at]];
      if (x0 == null || y0 == null || x1 == null || y1 == null) continue;
      const steps = Math.max(1, Math.ceil(Math.max(Math.abs(x1 - x0), Math.abs(y1 - y0)) / 2));
      for (let step = 0; step <= steps; step += 1) {
        const px = x0 + ((x1 - x0) * step) / steps;
        const py = y0 + ((y1 - y0) * step) / steps;
        if (half > 0)
          put({ left: px - half, right: px + half, top: py - half, bottom: py + half }, own);
        else {
          const column = Math.floor((px - plot.left) / cell);
          const row = Math.floor((py - plot.top) / cell);
          if (column >= 0 && row >= 0 && column < columns && row < rows)
            take(row * columns + column, own);
        }
      }
    }
  }

  function put({ left, right, top, bottom }: Box, own: number) {
    const from = Math.max(0, Math.floor((left - plot.left) / cell));
    const to = Math.min(columns - 1, Math.floor((right - plot.left) / cell));
    const first = Math.max(0, Math.floor((top - plot.top) / cell));
    const last = Math.min(rows - 1, Math.floor((bottom - plot.top) / cell));
    for (let row = first; row <= last; row += 1)
      for (let column = from; column <= to; column += 1) {
        take(row * columns + column, own);
      }
  }

  function take(at: number, own: number) {
    const found = owners[at];
    owners[at] = found === 0 || found === own ? own : several;
  }
}

/**
 * How many cells before each place have strokes, row by row and column by column.
 * Source: Crow (1984), Summed-area tables for texture mapping.
 */
function summed(owners: Uint16Array, columns: number, rows: number): Uint32Array {
  const sums = new Uint32Array((columns + 1) * (rows + 1));
  for (let row = 0; row < rows; row += 1) {
    let along = 0;
    for (let column = 0; column < columns; column += 1) {
      if (owners[row * columns + column] !== 0) along += 1;
      const at = (row + 1) * (columns + 1) + column + 1;
      sums[at] = (sums[at - columns - 1] ?? 0) + along;
    }
  }
  return sums;
}
