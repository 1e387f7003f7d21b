import type { Position } from '../arrangements';
import type { SeriesLine } from '../series';
import type { Figures } from '../values';
import type { ReadPiece } from './reading';

/** How far along its gradient a place of a stroke is: 0 at its one end, 1 at the other. */
export type ShadeAt = (x: number, y: number) => number;

/** A gradient has so many shades: more cannot be told apart. */
export const mostShades = 16;

/** Over the value, from the least to the greatest finished figure of the panel. */
export function shadedByValue(lines: readonly Pick<SeriesLine, 'figures' | 'open'>[]): ShadeAt {
  let [low, high] = [Infinity, -Infinity];
  for (const { figures, open } of lines)
    figures.forEach((figure, place) => {
      if (figure === null || open[place]) return;
      low = Math.min(low, figure);
      high = Math.max(high, figure);
    });
  return (_x, y) => (high > low ? within((y - low) / (high - low)) : 0.5);
}

/** Over the distance from the mark, as far to the one side of it as to the other. */
export function shadedByDistance(
  differences: Figures,
  open: readonly boolean[],
  positions: readonly Pick<Position, 'middle'>[],
): ShadeAt {
  const reach = differences.reduce<number>(
    (most, each, place) => (open[place] ? most : Math.max(most, Math.abs(each ?? 0))),
    0,
  );
  const at = (x: number) => {
    const next = positions.findIndex(({ middle }) => middle >= x);
    const place = next < 0 ? positions.length - 1 : next;
    const [from, to] = [positions[place - 1]?.middle ?? x, positions[place]?.middle ?? x];
    const [one, two] = [differences[place - 1] ?? null, differences[place] ?? null];
    if (one === null || two === null) return two ?? one ?? 0;
    return one + ((x - from) / (to - from || 1)) * (two - one);
  };
  return (x) => (reach > 0 ? within(0.5 + at(x) / reach / 2) : 0.5);
}

const within = (share: number) => Math.max(0, Math.min(1, share));
const rounded = (share: number) => Math.round(share * (mostShades - 1)) / (mostShades - 1);

/** Cuts a stroke into parts of one shade each; what a rule colours keeps its colour. */
export function shadedPieces(piece: ReadPiece, shadeAt: ShadeAt): ReadPiece[] {
  if (piece.rule !== null) return [piece];
  const { x, y } = piece;
  const [lone, height] = [x[0] ?? 0, y[0] ?? 0];
  if (x.length === 1) return [{ ...piece, shade: rounded(shadeAt(lone, height)) }];
  const parts: ReadPiece[] = [];
  for (let at = 0; at + 1 < x.length; at += 1) {
    const from = { x: x[at] as number, y: y[at] as number };
    const to = { x: x[at + 1] as number, y: y[at + 1] as number };
    const apart = Math.abs(shadeAt(to.x, to.y) - shadeAt(from.x, from.y));
    const count = Math.max(1, Math.ceil(apart * mostShades));
    const along = (share: number) => ({
      x: from.x + share * (to.x - from.x),
      y: from.y + share * (to.y - from.y),
    });
    for (let part = 0; part < count; part += 1) {
      const [begin, middle, end] = [part, part + 0.5, part + 1].map((each) => along(each / count));
      if (!begin || !middle || !end) continue;
      const shade = rounded(shadeAt(middle.x, middle.y));
      const last = parts.at(-1);
      if (last?.shade === shade) {
        last.x.push(end.x);
        last.y.push(end.y);
      } else parts.push({ ...piece, shade, x: [begin.x, end.x], y: [begin.y, end.y] });
    }
  }
  return parts;
}
