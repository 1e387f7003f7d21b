import { frameKey, type FrameRequest } from '../frame';
import type { ChartDefinition, SeriesDefinition } from './definition';

/** What a series asks of its source at the chart's grain. */
export function frameRequest(chart: ChartDefinition, series: SeriesDefinition): FrameRequest {
  const { figures, split } = series;
  return { ...figures, grain: chart.grain, splitBy: split?.column ?? null };
}

/** All that a chart asks of its sources, each request once. */
export function frameRequests(chart: ChartDefinition): FrameRequest[] {
  const requests = chart.series.map((series) => frameRequest(chart, series));
  return [...new Map(requests.map((request) => [frameKey(request), request])).values()];
}
