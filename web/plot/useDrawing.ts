import { type RefObject, useMemo } from 'react';
import type { Note } from '../../contract';
import type { Reading } from '../../core/reading';
import { type At, drawChart, type Drawing, type Highlight, measureText, placeOf } from '../picture';
import { useSize } from './usePlot';

interface Drawn {
  highlight: Highlight;
  notes: readonly Note[];
  /** what is highlighted along the axis; missing or null: nothing is */
  litAt?: At | null;
  /** the least room at the left of the plot, in pixels */
  roomAtLeft?: number;
}

/** Smaller elements than this hold no picture, in pixels. */
const smallest = 60;

/**
 * A reading as a picture that fills an element; null while there is no room or nothing to draw.
 * @param room the element that is filled
 * @param drawn what is highlighted or lit, the notes, and how many pixels are kept at the left
 */
export function useDrawing(
  room: RefObject<HTMLElement | null>,
  reading: Reading | null,
  { highlight, notes, litAt = null, roomAtLeft }: Drawn,
): Drawing | null {
  const size = useSize(room);
  const litPeriod = reading && litAt !== null ? placeOf(reading, litAt) : null;
  return useMemo(
    () =>
      reading &&
      size &&
      Math.min(size.width, size.height) > smallest &&
      reading.positions.length > 0
        ? drawChart(reading, {
            ...size,
            highlight,
            litPeriod,
            notes,
            roomAtLeft,
            measure: measureText,
          })
        : null,
    [reading, size, highlight, litPeriod, notes, roomAtLeft],
  );
}
