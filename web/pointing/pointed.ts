import type { Reading } from '../../core/reading';
import {
  dayAt,
  type Drawing,
  type DrawnPanel,
  type Geometry,
  periodAt,
  plotBottom,
  seriesAt,
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
  /** it stays until released */
  held: boolean;
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
  return { period, panel, series, day, held: false };
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
  return period ? Math.floor((period.start + period.next - 1) / 2) : 0;
}
