import type { Reading } from '../../../core/reading';
import { page } from '../../look';
import { plotWidth } from '../geometry';
import { axisOf, plainText } from '../scales';
import type { AxisDrawing } from './axisDrawing';
import { layWords } from './layWords';

const wordsOf = ({ positions }: Pick<Reading, 'positions'>) => positions.map(({ label }) => label);

/** Words along the axis: a mark between each and the next. */
export const wordsAxis: AxisDrawing = {
  staffed: true,
  height: ({ gap }, fontSize, reading, width) =>
    gap + 14 + layWords(wordsOf(reading), width, fontSize).height,
  shapes: ({ positions }, placed, { gap }) => {
    const { x, xDomain, yDomain } = axisOf(placed);
    const rule = { line: { color: page.ink, width: 0.8 }, type: 'line' as const, yref: yDomain };
    const down = { ysizemode: 'pixel' as const, yanchor: 0 };
    const edges = positions.slice(1).map(({ start }) => ({
      ...rule,
      ...down,
      xref: x,
      x0: start,
      x1: start,
      y0: -gap,
      y1: -gap - 6,
    }));
    return [{ ...rule, ...down, xref: xDomain, x0: 0, x1: 1, y0: -gap, y1: -gap }, ...edges];
  },
  labels: (reading, placed, { gap }, fontSize) => {
    const { x, yDomain } = axisOf(placed);
    const laid = layWords(wordsOf(reading), plotWidth(placed.geometry), fontSize);
    return reading.positions.flatMap(({ middle }, at) => {
      const lines = laid.lines[at];
      if (!lines) return [];
      return {
        xref: x,
        yref: yDomain,
        x: middle,
        y: 0,
        yanchor: 'top' as const,
        showarrow: false,
        yshift: -gap - 6,
        ...(laid.turned && { textangle: '-90' }),
        text: lines.map(plainText).join('<br>'),
        font: { size: fontSize, color: page.second },
      };
    });
  },
};
