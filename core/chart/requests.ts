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

/** Names all that the figures of a chart depend on; charts of one name have the same figures. */
export function figuresAsked({ grain, span, yearStart, series }: ChartDefinition): string {
  const asked = series.map(({ id, name, figures, derived, split, spread }) => [
    ...[id, figures, derived, split, spread],
    // A formula names the series it uses.
    series.some((each) => each.figures.kind === 'formula') ? name : null,
  ]);
  return JSON.stringify([grain, span, yearStart, asked]);
}
