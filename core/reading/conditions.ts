import type { ConditionContext, Names } from '../conditions';
import { type DrawnChart } from '../chart';
import { drawnGrain } from '../figures';
import type { SeriesLine } from '../series';
import { heldAs, type Yardstick, type YardstickContext } from '../yardsticks';
import type { Comparison } from './reading';

/** A line as far as conditions look at it. */
export type Conditioned = Pick<
  SeriesLine,
  'id' | 'key' | 'split' | 'seriesId' | 'figures' | 'open' | 'exact' | 'days'
> & { comparison: Pick<Comparison, 'judgements' | 'marks' | 'differences'> | null };

/** What conditions of a line can look at. */
export type ConditionsOf = (line: Conditioned) => ConditionContext;

/** What conditions of any line of a panel can look at. */
export const conditionsIn =
  (panel: YardstickContext, yardsticks: readonly Yardstick[], chart: DrawnChart): ConditionsOf =>
  (line) => ({
    ...panel,
    line,
    yardsticks,
    exact: line.exact,
    grain: drawnGrain(chart),
    judgements: line.comparison?.judgements ?? [],
    marks: line.comparison?.marks ?? [],
    differences: line.comparison?.differences ?? [],
  });

/**
 * The names of what a chart holds, for the sentences of a series' conditions.
 * @param seriesId the series whose conditions speak
 */
export function namesFor(
  chart: Pick<DrawnChart, 'series' | 'yardsticks' | 'dials'>,
  seriesId: string,
): Names {
  const series = chart.series.find(({ id }) => id === seriesId);
  const yardstick = (id: string) => {
    const found = chart.yardsticks.find((each) => each.id === id);
    return found ? ('name' in found ? found.name : 'Today') : 'a yardstick that is gone';
  };
  const named = (id: string) => chart.series.find((each) => each.id === id)?.name;
  const { mark } = series ?? {};
  const band = chart.yardsticks.some(
    (each) => each.id === mark?.against && heldAs(each) === 'band',
  );
  const good = band ? 'within' : mark?.good === 'within' ? 'atLeast' : (mark?.good ?? 'atLeast');
  return {
    yardstick,
    good,
    series: (id) => named(id) ?? 'a series that is gone',
    dial: (id) => chart.dials.find((each) => each.id === id)?.name ?? 'a dial that is gone',
    mark: mark ? (named(mark.against) ?? yardstick(mark.against)) : '',
  };
}
