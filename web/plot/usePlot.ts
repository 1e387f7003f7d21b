import { type RefObject, useEffect, useLayoutEffect, useState } from 'react';
import type { Drawing } from '../picture';
import { sayPictured } from '../hands';
import { sayDrawn } from '../still';
import { loadLibrary } from './library';

/** The size of an element as it is laid out, in pixels; null before it is. */
export function useSize(
  element: RefObject<HTMLElement | null>,
): { width: number; height: number } | null {
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  useLayoutEffect(() => {
    const node = element.current;
    if (!node) return;
    const read = () => {
      const { clientWidth: width, clientHeight: height } = node;
      // The same size must stay the same object: whatever hangs on it is made anew otherwise.
      setSize((before) =>
        before?.width === width && before.height === height ? before : { width, height },
      );
    };
    read();
    const observer = new ResizeObserver(read);
    observer.observe(node);
    return () => observer.disconnect();
  }, [element]);
  return size;
}

/** Pictures that wait to be drawn, each in its element. */
const waiting = new Map<HTMLDivElement, Drawing>();

let hasDrawn = false;

/**
 * Draws what waits in one go: between single pictures the browser would paint the whole page again.
 * While a page opens, what has arrived by now is laid out first; later a change is drawn at once.
 */
function drawSoon(node: HTMLDivElement, drawing: Drawing) {
  const draw = () => void drawWaiting();
  if (waiting.size === 0 && hasDrawn) queueMicrotask(draw);
  else if (waiting.size === 0) setTimeout(draw, 0);
  waiting.set(node, drawing);
}

async function drawWaiting() {
  const library = await loadLibrary();
  hasDrawn = true;
  const pictures = [...waiting];
  waiting.clear();
  for (const [node, { data, layout }] of pictures) {
    await library.react(node, data, layout, { staticPlot: true, displayModeBar: false });
    node.dataset.drawn = String(Number(node.dataset.drawn ?? 0) + 1);
  }
  sayPictured();
  sayDrawn();
}

/** Draws into an element, anew whenever the drawing changes. */
export function usePlotly(element: RefObject<HTMLDivElement | null>, drawing: Drawing | null) {
  useEffect(() => {
    const node = element.current;
    if (!node || !drawing) return;
    drawSoon(node, drawing);
    return () => void waiting.delete(node);
  }, [element, drawing]);
  useEffect(() => {
    const node = element.current;
    return () => {
      if (node?.dataset.drawn) void loadLibrary().then((library) => library.purge(node));
    };
  }, [element]);
}
