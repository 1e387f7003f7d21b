import type { Reading } from '../../core/reading';
import { toX, toY } from './geometry';
import { geometryOn, type PlacedPanel } from './panels';

/** How near to a line the pointer must be to mean it, in pixels. */
const reach = 10;

/**
 * The series whose drawn stroke passes nearest to a point of the picture.
 * @param placed the panel that lies there
 * @param period the place along the axis
 * @param x in pixels from the left of the picture
 * @param y in pixels from its top
 * @returns its id, or null when none is within reach
 */
export function seriesAt(
  { positions }: Pick<Reading, 'positions'>,
  placed: Pick<PlacedPanel, 'geometry'> & {
    panel: Pick<PlacedPanel['panel'], 'series' | 'axis' | 'second'>;
  },
  period: number,
  x: number,
  y: number,
): string | null {
  const near = placed.panel.series.map(({ id, figures, second }) => {
    const geometry = geometryOn(placed, second);
    const distances = [period - 1, period].map((place) => {
      const ends = [place, place + 1].map((end) => ({
        day: positions[end]?.middle ?? null,
        figure: figures[end] ?? null,
      }));
      const [from, to] = ends as [(typeof ends)[0], (typeof ends)[0]];
      if (from.day === null || from.figure === null || to.day === null || to.figure === null)
        return Infinity;
      return distanceToStroke(
        { x, y },
        { x: toX(geometry, from.day), y: toY(geometry, from.figure) },
        { x: toX(geometry, to.day), y: toY(geometry, to.figure) },
      );
    });
    const figure = figures[period] ?? null;
    const middle = positions[period]?.middle ?? 0;
    const own =
      figure === null ? Infinity : Math.hypot(toX(geometry, middle) - x, toY(geometry, figure) - y);
    return { id, distance: Math.min(own, ...distances) };
  });
  const nearest = near.reduce<{ id: string | null; distance: number }>(
    (best, each) => (each.distance < best.distance ? each : best),
    { id: null, distance: reach },
  );
  return nearest.id;
}

interface Point {
  x: number;
  y: number;
}

function distanceToStroke(point: Point, from: Point, to: Point): number {
  const length = (to.x - from.x) ** 2 + (to.y - from.y) ** 2;
  const along =
    ((point.x - from.x) * (to.x - from.x) + (point.y - from.y) * (to.y - from.y)) / (length || 1);
  const share = Math.max(0, Math.min(1, along));
  return Math.hypot(
    point.x - from.x - share * (to.x - from.x),
    point.y - from.y - share * (to.y - from.y),
  );
}
