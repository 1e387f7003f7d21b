import { calendarAxis, tapeLabels, tapeOf } from './calendar';
import type { AxisDrawing } from './axisDrawing';

/** The tape of any year: its months, without a year beneath them. */
export const yearAxis: AxisDrawing = {
  ...calendarAxis,
  height: ({ tape, gap }, fontSize) => tape + gap + fontSize + 10,
  labels: (reading, placed, size, fontSize) => {
    const tape = tapeOf(reading, placed, fontSize);
    const labels = tape.labels.map((label) => ({ ...label, of: '' }));
    return tapeLabels({ ...tape, labels }, placed, size, fontSize);
  },
};
