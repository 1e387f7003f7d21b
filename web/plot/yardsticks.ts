import type { Shape } from 'plotly.js';
import { page } from '../look';
import type { PlacedPanel } from './panels';
import { axisOf, type ScaleSize } from './scales';

/** Level lines with their notch on the staff, and the notch of the today line on the tape. */
export function yardstickShapes(
  placed: PlacedPanel,
  { staff, tape, gap }: ScaleSize,
): Partial<Shape>[] {
  const { yardsticks, axis } = placed.panel;
  const { x, y, xDomain, yDomain } = axisOf(placed);
  return yardsticks.flatMap((each): Partial<Shape>[] => {
    if (each.kind === 'today') {
      if (!each.shown || !placed.taped) return [];
      const notch = `M-5,${-gap}L5,${-gap}L0,${-gap - tape + 1}Z`;
      return [
        {
          type: 'path',
          path: notch,
          xref: x,
          xsizemode: 'pixel',
          xanchor: each.day + 0.5,
          yref: yDomain,
          ysizemode: 'pixel',
          yanchor: 0,
          fillcolor: page.sheet,
          line: { color: page.ink, width: 1 },
        },
      ];
    }
    const { value } = each;
    if (value === null || value < axis.from || value > axis.to) return [];
    const line = { color: page.accent, width: 1.2 };
    return [
      {
        type: 'line',
        xref: xDomain,
        yref: y,
        x0: 0,
        x1: 1,
        y0: value,
        y1: value,
        line,
        layer: 'below',
      },
      ...(placed.valued
        ? [
            {
              type: 'path' as const,
              path: `M${-gap - staff + 2},0L${-gap + 1},5L${-gap + 1},-5Z`,
              xref: xDomain,
              xsizemode: 'pixel' as const,
              xanchor: 0,
              yref: y,
              ysizemode: 'pixel' as const,
              yanchor: value,
              fillcolor: page.accent,
              line: { color: page.sheet, width: 0.8 },
            },
          ]
        : []),
    ];
  });
}
