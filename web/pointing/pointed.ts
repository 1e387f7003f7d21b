import { middleOf } from '../../core/notes';
import type { Reading } from '../../core/reading';
import {
  dayAt,
  type Drawing,
  type DrawnPanel,
  type Geometry,
  geometryOn,
  periodAt,
  plotBottom,
  seriesAt,
  toX,
  toY,
} from '../picture';

/** What the reader points at. */
export interface Pointed {
  period: number;
  /** the panel it is in, by its place */
  panel: number;
  /** a note written here stands on this day */
  day: number;
  /** the series under the pointer */
  series: string | null;
  /** the pointer is on that series' figure at the period, not on its way between two */
  onPoint: boolean;
}

/** What lies at a point of the picture, in pixels from its corner; null beside all panels. */
export function pointedAt(
  reading: Reading,
  drawing: Drawing,
  { x, y }: { x: number; y: number },
): Pointed | null {
  const panel = panelAt(drawing.panels, x, y);
  const placed = drawing.panels[panel];
  if (!placed) return null;
  const at = dayAt(placed.geometry, x);
  const period = periodAt(reading, at);
  const series = seriesAt(reading, placed, period, x, y);
  // Pointing at a point means its period; beside all lines it means the very day.
  const byDay = !series && reading.axis === 'calendar';
  const day = byDay ? Math.floor(at) : middleDay(reading, period);
  return {
    period,
    panel,
    series,
    day,
    onPoint: isOnPoint(reading, placed, { period, series }, x, y),
  };
}

/** How near to a figure the pointer must be to mean it alone, in pixels. */
const reach = 9;

function isOnPoint(
  reading: Reading,
  placed: DrawnPanel,
  { period, series }: Pick<Pointed, 'period' | 'series'>,
  x: number,
  y: number,
): boolean {
  const line = placed.panel.series.find(({ id }) => id === series);
  const figure = line?.figures[period] ?? null;
  const position = reading.positions[period];
  if (!line || figure === null || !position) return false;
  const geometry = geometryOn(placed, line.second);
  const apart = Math.hypot(toX(geometry, position.middle) - x, toY(geometry, figure) - y);
  return apart <= reach;
}

/** The panel at a point of the picture; -1 beside all of them. */
function panelAt(panels: readonly DrawnPanel[], x: number, y: number): number {
  const apart = ({ width, left, right, ...geometry }: Geometry) => {
    const across = Math.max(left - 4 - x, x - (width - right + 4), 0);
    const bottom = plotBottom({ width, left, right, ...geometry });
    const down = Math.max(geometry.top - y, y - bottom, 0);
    return across > 0 ? Infinity : down;
  };
  const distances = panels.map(({ geometry }) => apart(geometry));
  const least = Math.min(...distances);
  return least === Infinity ? -1 : distances.indexOf(least);
}

/**
 * The middle day of a period, where its figures stand.
 * @param place along the axis, from 0
 */
export function middleDay({ positions }: Reading, place: number): number {
  const period = positions[place];
  return period ? middleOf(period) : 0;
}
