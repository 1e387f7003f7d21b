import { type RefObject, useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { Drawing } from './drawing';
import type { Measure } from './geometry';

/** The size of an element as it is laid out, in pixels; null before it is. */
export function useSize(
  element: RefObject<HTMLElement | null>,
): { width: number; height: number } | null {
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  useLayoutEffect(() => {
    const node = element.current;
    if (!node) return;
    const read = () => setSize({ width: node.clientWidth, height: node.clientHeight });
    read();
    const observer = new ResizeObserver(read);
    observer.observe(node);
    return () => observer.disconnect();
  }, [element]);
  return size;
}

const canvas = document.createElement('canvas').getContext('2d');

/** Measures a text in the face that charts are lettered in; the narrow width is 0.9 of the usual. */
export const measureText: Measure = (text, size, weight) => {
  if (!canvas) return text.length * size * 0.55;
  canvas.font = `${weight} ${size}px 'Archivo Variable', sans-serif`;
  return canvas.measureText(text).width * 0.95;
};

const library = () => import('plotly.js-basic-dist-min');

/** Draws with Plotly into an element, anew whenever the drawing changes. */
export function usePlotly(element: RefObject<HTMLDivElement | null>, drawing: Drawing | null) {
  const drawn = useRef(false);
  useEffect(() => {
    let gone = false;
    const node = element.current;
    if (!node || !drawing) return;
    void library().then(async (plotly) => {
      if (gone) return;
      await plotly.react(node, drawing.data, drawing.layout, {
        staticPlot: true,
        displayModeBar: false,
      });
      drawn.current = true;
      node.dataset.drawn = 'true';
    });
    return () => {
      gone = true;
    };
  }, [element, drawing]);
  useEffect(() => {
    const node = element.current;
    return () => {
      if (node && drawn.current) void library().then((plotly) => plotly.purge(node));
    };
  }, [element]);
}
