import type { PlotData } from 'plotly.js';
import type { Reading } from '../../core/reading';
import { shadeOf } from '../look';
import { colourAt } from './atPeriod';
import { type Highlight, isAway } from './highlight';
import type { PlacedPanel } from './panels';
import { axisOf } from './scales';

const size = 8;

/** The points of a highlighted period, in their own colours: of the highlighted lines, or of all. */
export function litPoints(
  { positions }: Pick<Reading, 'positions'>,
  placed: PlacedPanel,
  highlight: Highlight,
  place: number,
): Partial<PlotData>[] {
  const { x: xaxis, y, y2 } = axisOf(placed);
  const middle = positions[place]?.middle ?? 0;
  return placed.panel.series.flatMap((series) => {
    const figure = series.drawn[place] ?? null;
    if (figure === null || isAway(highlight, series.id)) return [];
    return [
      {
        type: 'scatter' as const,
        mode: 'markers' as const,
        name: series.name,
        x: [middle],
        y: [figure],
        xaxis,
        yaxis: series.second ? y2 : y,
        marker: { size, color: shadeOf(colourAt(series, middle)), line: { width: 0 } },
      },
    ];
  });
}
