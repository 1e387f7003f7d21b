import type { Reading, ReadSeries } from '../../../core/reading';
import { type Geometry, toX, toY } from '../geometry';
import { geometryOn, type PlacedPanel } from '../panels';
import { barWidth } from '../bars';
import { thin, thinnedFrom } from '../thin';
import type { Flown } from '../pennants';
import type { Inked } from './inked';

/** All strokes of a panel that nothing may be written over, in pixels. */
export function inkOfPanel(
  reading: Reading,
  placed: PlacedPanel & { flown: readonly Flown[] },
): Inked[] {
  const { series, yardsticks } = placed.panel;
  return [
    // The stems of notes.
    ...placed.flown.flatMap(({ note, day }): Inked[] => {
      const x = toX(placed.geometry, day);
      const { top, height, bottom } = placed.geometry;
      return note
        ? [{ of: `note ${note.id}`, width: 1, x: [x, x], y: [top, height - bottom] }]
        : [];
    }),
    ...series.flatMap((line) => inkOfLine(line, reading, placed)),
    ...yardsticks.flatMap(({ id, levels, days, second, look: { width } }): Inked[] => {
      const { geometry } = placed;
      const scale = geometryOn(placed, second);
      const across = [toX(geometry, geometry.xFrom), toX(geometry, geometry.xTo)];
      const down = [geometry.top, geometry.height - geometry.bottom];
      return [
        ...levels.map((level) => ({
          of: id,
          width,
          x: across,
          y: [toY(scale, level), toY(scale, level)],
        })),
        ...days.map((day) => ({
          of: id,
          width,
          x: [toX(geometry, day + 0.5), toX(geometry, day + 0.5)],
          y: down,
        })),
      ];
    }),
  ];
}

/** The strokes of a line, as they are drawn; its bars as their outlines. */
function inkOfLine(line: ReadSeries, { positions }: Reading, placed: PlacedPanel): Inked[] {
  const scale = geometryOn(placed, line.second);
  if (line.shape === 'bars') return line.figures.flatMap((figure, place) => barOf(figure, place));
  const perUnit = unitWidth(scale);
  const strokes: Inked[] = line.pieces
    .filter(({ x }) => x.length > 1)
    .map((piece): Inked => {
      const { x, y } = piece.x.length >= thinnedFrom ? thin(piece.x, piece.y, perUnit) : piece;
      return {
        of: line.id,
        width: piece.width,
        x: x.map((at) => toX(scale, at)),
        y: y.map((at) => toY(scale, at)),
      };
    });
  const needed = line.paceDrawn && line.pace?.neededPerPeriodLeft;
  if (line.pace && typeof needed === 'number') {
    const [from, to] = [positions[line.pace.from]?.next ?? 0, positions[line.pace.to]?.next ?? 0];
    const level = toY(scale, needed);
    strokes.push({
      of: line.id,
      width: 1.6,
      x: [toX(scale, from), toX(scale, to)],
      y: [level, level],
    });
  }
  return strokes;

  function barOf(figure: number | null, place: number): Inked[] {
    const position = positions[place];
    if (figure === null || !position) return [];
    const half = (unitWidth(scale) * (position.next - position.start) * barWidth) / 2;
    const middle = toX(scale, position.middle);
    const [top, bottom] = [toY(scale, Math.max(0, figure)), toY(scale, Math.min(0, figure))];
    return [{ of: line.id, box: { left: middle - half, right: middle + half, top, bottom } }];
  }
}

/** How many pixels a unit of x takes. */
const unitWidth = ({ width, left, right, xFrom, xTo }: Geometry) =>
  (width - left - right) / (xTo - xFrom);
