import type { Dash, PlotData } from 'plotly.js';
import type { ReadYardstick } from '../../core/reading';
import { page, shadeOf } from '../look';
import { dashes } from './dashes';
import type { PlacedPanel } from './panels';
import { axisOf } from './scales';

type Look = ReadYardstick['look'];

/** The shade of a date's line. */
export const inkOf = ({ colour }: Look): string => (colour ? shadeOf(colour) : page.ink);

/** Whether a line stands behind those of the series; notes have none, and their stems stand before. */
export const isBehind = (look: Look | undefined): boolean => look !== undefined && !look.front;

/**
 * The lines at dates and places that stand behind those of the series. They are drawn as lines are: shapes
 * that lie behind lie under the gridlines too, which would cut them to pieces.
 */
export function dateLines(placed: PlacedPanel): Partial<PlotData>[] {
  const { yardsticks } = placed.panel;
  const { yFrom, yTo } = placed.geometry;
  const { x, y } = axisOf(placed);
  return yardsticks.flatMap(({ name, days, look }) =>
    isBehind(look)
      ? days.map((day): Partial<PlotData> => ({
          type: 'scatter',
          mode: 'lines',
          name,
          x: [day + 0.5, day + 0.5],
          y: [yFrom, yTo],
          xaxis: x,
          yaxis: y,
          line: { color: inkOf(look), width: look.width, dash: dashes[look.dash] as Dash },
        }))
      : [],
  );
}
