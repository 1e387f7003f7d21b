import { frameKey, type FrameRequest } from '../frame';
import type { ChartDefinition, SeriesDefinition } from './definition';

/** What a series asks of its source at the chart's grain. */
export function frameRequest(
  chart: Pick<ChartDefinition, 'grain'>,
  series: Pick<SeriesDefinition, 'figures' | 'split'>,
): FrameRequest {
  const { figures, split } = series;
  return { ...figures, grain: chart.grain, splitBy: split?.column ?? null };
}

/** Names all that the figures of a chart depend on; charts of one name have the same figures. */
export function figuresAsked(chart: ChartDefinition): string {
  const series = chart.series.map((each) => [
    each.id,
    frameKey(frameRequest(chart, each)),
    each.split?.order ?? [],
  ]);
  return JSON.stringify([chart.span, series]);
}
