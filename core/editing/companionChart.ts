import type { Grain } from '../calendar';
import type { ChartDefinition } from '../chart';

/** By what a chart goes that shows one period of another from near. */
const nearer: Partial<Record<Grain, Grain>> = { year: 'month', quarter: 'month' };

/**
 * A chart to stand at the pointer of another: all of it, in the periods that lie within one of the
 * other's, without its standouts and with nothing at its own pointer.
 * @param chart the one that is pointed at
 */
export function companionChart(chart: ChartDefinition): ChartDefinition {
  const { linking: _, ...rest } = chart;
  const grain = nearer[chart.grain] ?? 'day';
  const title = chart.title.replace(new RegExp(`,? by ${chart.grain}$`), '');
  return { ...rest, grain, title: `${title.slice(0, 140)} by ${grain}`, standouts: [] };
}
