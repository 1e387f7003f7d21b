import type { Colour } from '../../core/chart';
import type { ReadSeries } from '../../core/reading';

/**
 * The colour a series wears at a period.
 * @param line as it was read
 * @param middle the middle day of the period
 */
export function colourAt({ pieces, stroke }: ReadSeries, middle: number): Colour {
  const there = pieces.filter(({ x }) => x.includes(middle));
  const off = there.find(({ judgement }) => judgement === 'off');
  return (off ?? there[0])?.colour ?? stroke.colour;
}
