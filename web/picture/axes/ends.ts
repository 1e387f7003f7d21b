import { page } from '../../look';
import { axisOf } from '../scales';
import type { AxisDrawing } from './axisDrawing';

/** Two uprights, each with the name of its period beneath it. */
export const endsAxis: AxisDrawing = {
  staffed: false,
  height: (_, fontSize) => fontSize + 16,
  shapes: (reading, placed) => {
    const { x, yDomain } = axisOf(placed);
    return reading.positions.map(({ middle }) => ({
      type: 'line',
      xref: x,
      x0: middle,
      x1: middle,
      yref: yDomain,
      y0: 0,
      y1: 1,
      line: { color: page.ink, width: 1 },
      layer: 'below',
    }));
  },
  labels: (reading, placed, _, fontSize) => {
    const { x, yDomain } = axisOf(placed);
    return reading.positions.map(({ middle, label, open }) => ({
      xref: x,
      yref: yDomain,
      x: middle,
      y: 0,
      yanchor: 'top' as const,
      showarrow: false,
      yshift: -6,
      text: `<b>${label}</b>${open ? ' (open)' : ''}`,
      font: { size: fontSize + 1, color: page.ink },
    }));
  },
};
