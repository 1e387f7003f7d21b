import type { Day } from '../calendar';
import type { FrameRequest } from '../frame';
import type { ChartDefinition, SeriesDefinition } from './definition';
import { type Reach, reachOf } from './spans';

/** What a series asks of its source at the chart's grain; null when it asks nothing of any. */
export function frameRequest(
  chart: Pick<ChartDefinition, 'grain' | 'span' | 'yearStart'>,
  { figures, split, spread }: Pick<SeriesDefinition, 'figures' | 'split' | 'spread'>,
  today: Day,
): FrameRequest | null {
  if (figures.kind !== 'rows') return null;
  const { kind: _kind, ...rows } = figures;
  return {
    ...rows,
    grain: chart.grain,
    splitBy: split?.column ?? null,
    top: split?.top ? { ...split.top, ...shownReach(chart, today), today } : null,
    spread,
  };
}

/** The periods that a chart shows at most, by their first days. */
export function shownReach(
  { grain, span, yearStart }: Pick<ChartDefinition, 'grain' | 'span' | 'yearStart'>,
  today: Day,
): Reach {
  return reachOf(span, { today, grain, yearStart });
}

/** Whether the figures of a series are sent: it is drawn, or something is held against it. */
export function isSent(
  { series, yardsticks }: Pick<ChartDefinition, 'series' | 'yardsticks'>,
  { id, hidden }: Pick<SeriesDefinition, 'id' | 'hidden'>,
): boolean {
  if (!hidden || series.some(({ mark }) => mark?.against === id)) return true;
  const parts = yardsticks.flatMap((each): unknown[] => [each, ...Object.values(each)]);
  return parts.some(
    (part) => typeof part === 'object' && part !== null && 'series' in part && part.series === id,
  );
}

/** Names all that the figures of a chart depend on; charts of one name have the same figures. */
export function figuresAsked(chart: ChartDefinition): string {
  const { grain, span, yearStart, series } = chart;
  const asked = series.map(({ id, name, figures, derived, split, spread, hidden }) => [
    ...[id, figures, derived, split, spread, isSent(chart, { id, hidden })],
    // A formula names the series it uses.
    series.some((each) => each.figures.kind === 'formula') ? name : null,
  ]);
  return JSON.stringify([grain, span, yearStart, asked]);
}
