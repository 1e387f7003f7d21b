import type { AxisDrawing } from './axisDrawing';

/** No scales at all: the line beside a headline figure. */
export const bareAxis: AxisDrawing = {
  staffed: false,
  height: () => 6,
  shapes: () => [],
  labels: () => [],
};
