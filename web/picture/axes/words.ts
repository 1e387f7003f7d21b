import { page } from '../../look';
import { plotWidth } from '../geometry';
import type { PlacedPanel } from '../panels';
import { axisOf, plainText } from '../scales';
import type { AxisDrawing } from './axisDrawing';

/** The narrowest that a word may stand beside the next, in pixels, and how wide a letter is of its size. */
const narrowest = 34;
const letter = 0.58;

/** How many letters of a word have room, and of how many words one is written. */
function roomFor({ geometry }: PlacedPanel, words: number, fontSize: number) {
  const each = plotWidth(geometry) / Math.max(1, words);
  const stride = Math.max(1, Math.ceil(narrowest / each));
  return { stride, letters: Math.max(3, Math.floor((each * stride - 6) / (fontSize * letter))) };
}

/** Words along the axis: a mark between each and the next. */
export const wordsAxis: AxisDrawing = {
  staffed: true,
  height: ({ gap }, fontSize) => gap + fontSize + 14,
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
  labels: ({ positions }, placed, { gap }, fontSize) => {
    const { x, yDomain } = axisOf(placed);
    const { stride, letters } = roomFor(placed, positions.length, fontSize);
    return positions
      .filter((_, at) => at % stride === 0)
      .map(({ middle, label }) => ({
        xref: x,
        yref: yDomain,
        x: middle,
        y: 0,
        yanchor: 'top' as const,
        showarrow: false,
        yshift: -gap - 6,
        text: plainText(label.length > letters ? `${label.slice(0, letters - 1)}…` : label),
        font: { size: fontSize, color: page.second },
      }));
  },
};
