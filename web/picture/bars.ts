import type { PlotData } from 'plotly.js';
import type { Reading, ReadSeries } from '../../core/reading';
import { greyed, page } from '../look';
import { colourOf, lighter } from './strokeLook';

/** How much of its period a bar takes up. */
export const barWidth = 0.72;

/** A bar from zero for each figure, in the colour of its judgement or its sign. */
export function barsOf(
  series: ReadSeries,
  { positions }: Pick<Reading, 'positions'>,
  away: boolean,
): Partial<PlotData>[] {
  const widths = new Map(positions.map(({ middle, start, next }) => [middle, next - start]));
  const { pieces } = series;
  if (pieces.length === 0) return [];
  return [
    {
      type: 'bar',
      name: series.name,
      x: pieces.map(({ x }) => x[0] ?? null),
      y: pieces.map(({ y }) => y[0] ?? null),
      width: pieces.map(({ x }) => barWidth * (widths.get(x[0] ?? NaN) ?? 1)),
      marker: {
        color: pieces.map((piece) => (away ? greyed : colourOf(piece, series))),
        opacity: pieces.map(({ open }) => (open ? lighter.open : 0.85)),
        // Beside its colour, a bar off the mark is outlined: colour alone carries no meaning.
        line: {
          color: page.ink,
          width: pieces.map(({ heavier }) => (heavier ? 1.2 : 0)),
        },
      },
    },
  ];
}
