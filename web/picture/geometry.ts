import type { Reading } from '../../core/reading';

/** Where the plot lies within its picture, in pixels, and what it spans. */
export interface Geometry {
  width: number;
  height: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
  xFrom: number;
  xTo: number;
  yFrom: number;
  yTo: number;
}

/**
 * The pixel column of a day.
 * @param geometry of a panel
 * @param day between whole days too
 * @returns in pixels from the left
 */
export function toX({ width, left, right, xFrom, xTo }: Geometry, day: number): number {
  return left + ((day - xFrom) / (xTo - xFrom)) * (width - left - right);
}

/**
 * The pixel row of a value.
 * @param geometry of a panel
 * @param value in figures of its value axis
 * @returns in pixels from the top
 */
export function toY({ height, top, bottom, yFrom, yTo }: Geometry, value: number): number {
  return top + ((yTo - value) / (yTo - yFrom)) * (height - top - bottom);
}

/**
 * The day at a pixel column.
 * @param geometry of a panel
 * @param x in pixels from the left
 * @returns between the whole days too
 */
export function dayAt({ width, left, right, xFrom, xTo }: Geometry, x: number): number {
  return xFrom + ((x - left) / (width - left - right)) * (xTo - xFrom);
}

/** How wide the plot is, in pixels. */
export const plotWidth = ({ width, left, right }: Geometry) => width - left - right;

/**
 * The pixel row at which the plot ends.
 * @param geometry of a panel
 * @returns in pixels from the top
 */
export const plotBottom = ({ height, bottom }: Geometry) => height - bottom;

/**
 * The place of the period that contains a day; the nearest one where none does.
 * @param day between whole days too
 * @returns from 0
 */
export function periodAt({ positions }: Pick<Reading, 'positions'>, day: number): number {
  let from = 0;
  let to = positions.length - 1;
  while (from < to) {
    const middle = (from + to) >> 1;
    if (day < (positions[middle]?.next ?? Infinity)) to = middle;
    else from = middle + 1;
  }
  const [before, here] = [positions[to - 1], positions[to]];
  const nearer = before && here && day - before.middle < here.middle - day;
  return nearer && day < here.start ? to - 1 : to;
}

/** A place that something takes, in pixels of the picture. */
export interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** Measures how wide a text will be, in pixels. */
export type Measure = (text: string, size: number, weight: number) => number;

/** How large the staff and the tape are drawn, in pixels. */
export interface ScaleSize {
  staff: number;
  tape: number;
  gap: number;
}
