import { useMemo, useState } from 'react';
import { type Reading, type Span, spanOf, type Zoom, zoomed, zoomOn } from '../../core/reading';

/** Fewer positions than these are seen well enough as they are. */
const fewest = 24;

/** How close a reader looks at a chart: the part of its reading that is drawn. */
export function useZoom(reading: Reading | null) {
  // A stretch of dates, so that it stays where it is when new figures come, or another grain.
  const [span, setSpan] = useState<Span | null>(null);
  const [isOpen, setOpen] = useState(false);
  const zoom = useMemo(() => (reading && span ? zoomOn(reading, span) : null), [reading, span]);
  const near = useMemo(() => (reading && zoom ? zoomed(reading, zoom) : reading), [reading, zoom]);
  const offered =
    reading !== null &&
    reading.axis !== 'ends' &&
    (reading.positions.length >= fewest || span !== null);
  return {
    ...{ near, zoom },
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
