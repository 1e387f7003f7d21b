import type { AxisKind } from '../../../core/arrangements';
import type { AxisDrawing } from './axisDrawing';
import type { Reading } from '../../../core/reading';
import { bareAxis } from './bare';
import { calendarAxis } from './calendar';
import { endsAxis } from './ends';
import { numbersAxis } from './numbers';
import { wordsAxis } from './words';
import { yearAxis } from './year';

/** How each kind of axis is drawn. */
const axisDrawings: Readonly<Record<AxisKind, AxisDrawing>> = {
  calendar: calendarAxis,
  year: yearAxis,
  ends: endsAxis,
  numbers: numbersAxis,
  words: wordsAxis,
};

/** The drawing of a reading's axis. */
export const axisOfReading = ({
  axis,
  headline,
}: Pick<Reading, 'axis' | 'headline'>): AxisDrawing => (headline ? bareAxis : axisDrawings[axis]);
export type { AxisDrawing };
