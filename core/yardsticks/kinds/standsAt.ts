import type { YardstickContext } from '../context';
import { type Found, nothingFound } from './kind';

/**
 * A line at a place of what stands along the axis, a period, a figure or a word: it stays on it
 * wherever that comes to stand.
 * @param place from 0; below 0 for none
 */
export function standsAt({ positions }: YardstickContext, place: number): Found {
  const position = positions[place];
  if (!position) return nothingFound;
  // Days are drawn in their middle.
  return { ...nothingFound, days: [position.middle - 0.5], place: position.label };
}

/** The finished figures of a series, each with its place from 0; those of all its lines. */
export const finishedPlaces = (
  { lines, positions }: Pick<YardstickContext, 'lines' | 'positions'>,
  series: string,
): { place: number; value: number }[] => {
  const own = lines.filter(({ seriesId }) => seriesId === series);
  return positions.flatMap((_, place) =>
    own.flatMap((line) => {
      const value = line.open[place] ? null : (line.figures[place] ?? null);
      return value === null ? [] : [{ place, value }];
    }),
  );
};
