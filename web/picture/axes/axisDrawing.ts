import type { Annotations, Shape } from 'plotly.js';
import type { Reading } from '../../../core/reading';
import type { PlacedPanel } from '../panels';
import type { ScaleSize } from '../geometry';

/** How one kind of axis is drawn beneath a panel. */
export interface AxisDrawing {
  /** the value axis is drawn as a staff at the left */
  staffed: boolean;
  /** how high it is, with its labels, beneath a plot of a width, in pixels */
  height: (size: ScaleSize, fontSize: number, reading: Reading, width: number) => number;
  shapes: (reading: Reading, placed: PlacedPanel, size: ScaleSize) => Partial<Shape>[];
  labels: (
    reading: Reading,
    placed: PlacedPanel,
    size: ScaleSize,
    fontSize: number,
  ) => Partial<Annotations>[];
}
