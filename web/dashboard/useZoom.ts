import { useMemo, useState } from 'react';
import { type Reading, type Span, spanOf, type Zoom, zoomed, zoomOn } from '../../core/reading';

/** Fewer positions than these are seen well enough as they are. */
const fewest = 24;

/**
 * How close a reader looks at a chart: the part of its reading that is drawn.
 * @param span a stretch of the axis, so that it stays when new figures come, or another grain
 */
export function useZoom(
  reading: Reading | null,
  span: Span | null,
  setSpan: (span: Span | null) => void,
) {
  const [isOpen, setOpen] = useState(span !== null);
  const zoom = useMemo(() => (reading && span ? zoomOn(reading, span) : null), [reading, span]);
  const near = useMemo(() => (reading && zoom ? zoomed(reading, zoom) : reading), [reading, zoom]);
  const offered =
    reading !== null &&
    reading.axis !== 'ends' &&
    (reading.positions.length >= fewest || span !== null);
  return {
    near,
    zoom,
    set: (next: Zoom | null) => setSpan(reading && next ? spanOf(reading, next) : null),
    isOpen: offered && isOpen,
    toggle: offered
      ? () => {
          setOpen(!isOpen);
          setSpan(null);
        }
      : null,
  };
}
