import type { AxisKind } from '../../../core/arrangements';
import type { AxisDrawing } from './axisDrawing';
import { calendarAxis } from './calendar';
import { endsAxis } from './ends';
import { yearAxis } from './year';

/** How each kind of axis is drawn. */
export const axisDrawings: Readonly<Record<AxisKind, AxisDrawing>> = {
  calendar: calendarAxis,
  year: yearAxis,
  ends: endsAxis,
};
export type { AxisDrawing };
