import { type PointerEvent, type RefObject, useRef, useState } from 'react';
import type { Reading } from '../../core/reading';
import { dayAt, type Drawing, periodAt } from '../picture';
import type { Stretch } from './narrowing';

/** A pointer that has moved less than this has pressed, not dragged, in pixels. */
const leastDrag = 8;

/**
 * Drags out a stretch of dates over a picture.
 * @param onDragged missing where nothing can be dragged out
 */
export function useDatesDrag(
  frame: RefObject<HTMLElement | null>,
  reading: Reading,
  drawing: Drawing | null,
  onDragged: ((stretch: Stretch) => void) | undefined,
) {
  const began = useRef<number | null>(null);
  const ended = useRef(false);
  const [stretch, setStretch] = useState<Stretch | null>(null);
  const placeAt = (x: number) => {
    const geometry = drawing?.panels[0]?.geometry;
    const left = frame.current?.getBoundingClientRect().left ?? 0;
    return geometry ? periodAt(reading, dayAt(geometry, x - left)) : 0;
  };
  const end = () => {
    began.current = null;
    setStretch(null);
  };
  return {
    stretch,
    /** whether the press that follows ended a drag, and means nothing more */
    wasDragged: () => {
      const was = ended.current;
      ended.current = false;
      return was;
    },
    onPointerDown: (event: PointerEvent) => {
      ended.current = false;
      const onControl = (event.target as HTMLElement).closest('button');
      if (onDragged && event.button === 0 && !onControl) began.current = event.clientX;
    },
    onPointerMove: (event: PointerEvent) => {
      if (began.current === null) return;
      if (!stretch && Math.abs(event.clientX - began.current) < leastDrag) return;
      if (!stretch) frame.current?.setPointerCapture(event.pointerId);
      const [one, two] = [placeAt(began.current), placeAt(event.clientX)];
      setStretch({ first: Math.min(one, two), last: Math.max(one, two) });
    },
    onPointerUp: () => {
      if (stretch) {
        ended.current = true;
        onDragged?.(stretch);
      }
      end();
    },
    onPointerCancel: end,
  };
}
