import {
  areBareYears,
  axisFormat,
  axisValues,
  figureFormat,
  valueAxis,
  type ValueAxis,
  writeFigure,
} from '../../../core/labels';
import { page } from '../../look';
import { plotWidth } from '../geometry';
import type { PlacedPanel } from '../panels';
import { axisOf } from '../scales';
import type { AxisDrawing } from './axisDrawing';

/** How far apart two labels stand at least, in pixels. */
const labelRoom = 56;

/** The scale of a column's figures: round steps between the first and the last of them. */
function scaleOf({ geometry }: PlacedPanel): ValueAxis {
  const { xFrom: from, xTo: to } = geometry;
  const steps = Math.max(2, Math.floor(plotWidth(geometry) / labelRoom));
  return valueAxis(from, to, { from, to, steps });
}

/** Figures along the axis: a rule with a tick at each round step. */
export const numbersAxis: AxisDrawing = {
  staffed: true,
  height: ({ gap }, fontSize) => gap + fontSize + 14,
  shapes: (_, placed, { gap }) => {
    const { x, xDomain, yDomain } = axisOf(placed);
    const rule = { line: { color: page.ink, width: 0.8 }, type: 'line' as const, yref: yDomain };
    const down = { ysizemode: 'pixel' as const, yanchor: 0 };
    const ticks = axisValues(scaleOf(placed)).map((value) => ({
      ...rule,
      ...down,
      xref: x,
      x0: value,
      x1: value,
      y0: -gap,
      y1: -gap - 6,
    }));
    return [{ ...rule, ...down, xref: xDomain, x0: 0, x1: 1, y0: -gap, y1: -gap }, ...ticks];
  },
  labels: ({ positions }, placed, { gap }, fontSize) => {
    const { x, yDomain } = axisOf(placed);
    const scale = scaleOf(placed);
    const largest = Math.max(Math.abs(scale.from), Math.abs(scale.to));
    const format = axisFormat(scale, figureFormat(largest, false));
    const years = areBareYears(positions.map(({ middle }) => middle));
    const values = axisValues(scale).filter((value) => !years || Number.isInteger(value));
    return values.map((value) => ({
      xref: x,
      yref: yDomain,
      x: value,
      y: 0,
      yanchor: 'top' as const,
      showarrow: false,
      yshift: -gap - 6,
      text: years ? String(value) : writeFigure(value, format),
      font: { size: fontSize, color: page.second },
    }));
  },
};
