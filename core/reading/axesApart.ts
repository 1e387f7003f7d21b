import type { DrawnChart } from '../chart';
import { seriesOfYardstick, type YardstickDefinition } from '../yardsticks';

/**
 * Whether a yardstick is found from series on both value axes: between a figure of one and a figure of
 * the other there is nothing to draw.
 */
export function standsOnBoth(
  { series }: Pick<DrawnChart, 'series'>,
  yardstick: YardstickDefinition,
): boolean {
  const from = seriesOfYardstick(yardstick);
  const axes = series.filter(({ id }) => from.includes(id)).map(({ valueAxis: axis }) => axis);
  return new Set(axes).size > 1;
}

/** That such a yardstick is not drawn, and what can be done. */
export const sayOnBoth = (chart: Pick<DrawnChart, 'series' | 'yardsticks'>): string[] =>
  chart.yardsticks
    .filter((yardstick) => standsOnBoth(chart, yardstick))
    .map(
      (yardstick) =>
        `“${'name' in yardstick ? yardstick.name : ''}” is found from series on both value axes, so it is not drawn. Take it from series on one.`,
    );
