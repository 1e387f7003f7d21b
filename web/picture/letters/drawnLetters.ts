import type { Annotations, Shape } from 'plotly.js';
import { page } from '../../look';
import type { Geometry } from '../geometry';
import type { Box } from '../geometry';
import type { PointLabel } from './pointLabels';
import type { YardstickLetter } from './yardstickLetters';

type Picture = Pick<Geometry, 'width' | 'height'>;

/** Text in a place of the picture. */
function written(
  { width, height }: Picture,
  { left, top, bottom }: Box,
  text: string,
  font: { size: number; color: string },
): Partial<Annotations> {
  return {
    xref: 'paper',
    yref: 'paper',
    x: left / width,
    y: 1 - (top + bottom) / 2 / height,
    xanchor: 'left',
    yanchor: 'middle',
    borderpad: 0,
    showarrow: false,
    align: 'left',
    text,
    font,
  };
}

/** Labels at points: the figure in bold. */
export const pointAnnotations = (
  picture: Picture,
  labels: readonly PointLabel[],
  size: number,
): Partial<Annotations>[] =>
  labels.map(({ box, bold, rest, colour }) =>
    written(picture, box, [bold && `<b>${bold}</b>`, rest].filter(Boolean).join(' '), {
      size,
      color: colour,
    }),
  );

/** Labels of yardsticks within the picture. */
export const yardstickAnnotations = (
  picture: Picture,
  letters: readonly YardstickLetter[],
  size: number,
): Partial<Annotations>[] =>
  letters.map(({ box, text, bold, colour }) =>
    written(picture, box, bold ? `<b>${text}</b>` : text, { size, color: colour }),
  );

/** A label farther from its point than this is led to it. */
const leadFrom = 14;

/** The hairlines that lead from points to labels that had to move away from them. */
export const leaders = (picture: Picture, labels: readonly PointLabel[]): Partial<Shape>[] =>
  labels.flatMap(({ at, box }) => {
    const to = {
      x: Math.max(box.left, Math.min(box.right, at.x)),
      y: Math.max(box.top + 2, Math.min(box.bottom - 2, at.y)),
    };
    const far = Math.hypot(to.x - at.x, to.y - at.y);
    if (far < leadFrom) return [];
    // From the edge of the marker to just before the words.
    const part = (share: number) => ({
      x: at.x + (to.x - at.x) * share,
      y: at.y + (to.y - at.y) * share,
    });
    return [hairline(picture, part(6 / far), part(1 - 1.5 / far))];
  });

/** A hairline from a point of the picture to another, in pixels. */
export const hairline = (
  { width, height }: Picture,
  from: { x: number; y: number },
  to: { x: number; y: number },
  color: string = page.third,
): Partial<Shape> => ({
  type: 'line',
  xref: 'paper',
  yref: 'paper',
  x0: from.x / width,
  y0: 1 - from.y / height,
  x1: to.x / width,
  y1: 1 - to.y / height,
  line: { color, width: 0.7 },
});
