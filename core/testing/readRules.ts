import { parseDay, periodsBetween } from '../calendar';
import type { ChartDefinition, SeriesDefinition } from '../chart';
import type { ConditionDefinition } from '../conditions';
import { draftRule } from '../editing';
import { chartFrames, drawnChart } from '../figures';
import { linesOf, readChart } from '../reading';
import type { Figures } from '../values';
import { testChart, testFrame, testSeries } from './charts';

const day = (text: string) => parseDay(text) as number;
export const periods = periodsBetween(day('2026-01-01'), day('2026-06-01'), 'month');
const today = day('2026-07-10');

/** Reads a line of monthly figures held against a plan, with rules. */
export function readRules(
  figures: Figures,
  conditions: readonly ConditionDefinition[],
  more: Partial<ChartDefinition> = {},
  own: Partial<SeriesDefinition> = {},
) {
  const of = (values: Figures) =>
    testFrame({
      periods: periods.slice(0, values.length),
      values: [[...values]],
      completeTo: today,
    });
  const chart = testChart({
    series: [
      testSeries('Fares', { mark: { against: 'Plan', good: 'atLeast' }, ...own }),
      testSeries('Plan', { role: 'budget' }),
    ],
    colourRules: conditions.map((condition, at) => draftRule(`r${at}`, 'Fares', condition, 'plum')),
    ...more,
  });
  const plan = figures.map(() => 10);
  const { frames } = chartFrames(chart, { Fares: of(figures), Plan: of(plan) }, today);
  const reading = readChart(drawnChart(chart), frames, { today, dials: { Limit: 30 } });
  const [line] = linesOf(reading);
  return {
    ...reading,
    chart: drawnChart(chart),
    caughtBy: line?.caughtBy,
    pieces: line?.pieces ?? [],
  };
}
