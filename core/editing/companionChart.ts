import type { Grain } from '../calendar';
import type { ChartDefinition } from '../chart';
import { mentionedIn } from '../formula';
import { formulaOf } from '../origins';
import { withoutPart } from './hanging';

/** By what a chart goes that shows one period of another from near. */
const nearer: Partial<Record<Grain, Grain>> = { year: 'month', quarter: 'month' };

/**
 * A chart to stand at the pointer of another: its first series, in the periods that lie within one of the
 * other's, without its standouts and with nothing at its own pointer. What is recorded by month, as
 * budgets are, has no place among days.
 * @param chart the one that is pointed at
 */
export function companionChart(chart: ChartDefinition): ChartDefinition {
  const { linking: _, ...rest } = chart;
  const grain = nearer[chart.grain] ?? 'day';
  const title = chart.title.replace(new RegExp(`,? by ${chart.grain}$`), '');
  const [first] = chart.series.filter(({ hidden }) => !hidden);
  const formula = (first && formulaOf(first.figures)) ?? '';
  const near = { ...rest, grain, title: `${title.slice(0, 140)} by ${grain}`, standouts: [] };
  return chart.series
    .filter(({ id, name }) => id !== first?.id && !mentionedIn(formula, name))
    .reduce<ChartDefinition>((before, { id }) => withoutPart(before, { of: 'series', id }), near);
}
