import { type RefObject, useMemo } from 'react';
import type { Note } from '../../contract';
import type { Reading } from '../../core/reading';
import { type Drawing, drawChart } from './drawing';
import { measureText, useSize } from './usePlot';
import { type Highlight } from './highlight';

interface Drawn {
  highlight: Highlight;
  notes: readonly Note[];
  /** the least room at the left of the plot, in pixels */
  roomAtLeft?: number;
}

/** Smaller elements than this hold no picture, in pixels. */
const smallest = 60;

/** A reading as a picture that fills an element; null while there is no room or nothing to draw. */
export function useDrawing(
  room: RefObject<HTMLElement | null>,
  reading: Reading | null,
  { highlight, notes, roomAtLeft }: Drawn,
): Drawing | null {
  const size = useSize(room);
  return useMemo(
    () =>
      reading &&
      size &&
      Math.min(size.width, size.height) > smallest &&
      reading.positions.length > 0
        ? drawChart(reading, { ...size, highlight, notes, roomAtLeft, measure: measureText })
        : null,
    [reading, size, highlight, notes, roomAtLeft],
  );
}
