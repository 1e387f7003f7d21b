import type { Shape } from 'plotly.js';
import type { Reading } from '../../core/reading';
import { page } from '../look';
import type { ScaleSize } from './scales';

/** Level lines with their notch on the staff, and the notch of the today line on the tape. */
export function yardstickShapes(
  reading: Reading,
  { staff, tape, gap }: ScaleSize,
): Partial<Shape>[] {
  return reading.yardsticks.flatMap((each): Partial<Shape>[] => {
    if (each.kind === 'today') {
      if (!each.shown) return [];
      const notch = `M-5,${-gap}L5,${-gap}L0,${-gap - tape + 1}Z`;
      return [
        {
          type: 'path',
          path: notch,
          xref: 'x',
          xsizemode: 'pixel',
          xanchor: each.day + 0.5,
          yref: 'paper',
          ysizemode: 'pixel',
          yanchor: 0,
          fillcolor: page.sheet,
          line: { color: page.ink, width: 1 },
        },
      ];
    }
    const { value } = each;
    if (value === null || value < reading.axis.from || value > reading.axis.to) return [];
    const line = { color: page.accent, width: 1.2 };
    return [
      {
        type: 'line',
        xref: 'paper',
        yref: 'y',
        x0: 0,
        x1: 1,
        y0: value,
        y1: value,
        line,
        layer: 'below',
      },
      {
        type: 'path',
        path: `M${-gap - staff + 2},0L${-gap + 1},5L${-gap + 1},-5Z`,
        xref: 'paper',
        xsizemode: 'pixel',
        xanchor: 0,
        yref: 'y',
        ysizemode: 'pixel',
        yanchor: value,
        fillcolor: page.accent,
        line: { color: page.sheet, width: 0.8 },
      },
    ];
  });
}
