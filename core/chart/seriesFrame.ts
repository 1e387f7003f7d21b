import { type Day, grains, nextPeriod, parseDay, periodStart } from '../calendar';
import { type Frame, isAdditive } from '../frame';
import type { ChartDefinition, DrawnChart, DrawnSeries, SeriesDefinition } from './definition';

/** The figures that one series of a chart draws: nothing of what lies outside the chart's span. */
export interface SeriesFrame extends Frame {
  /** first days of the first and last period that the series reaches within the span */
  extent: { from: Day; to: Day } | null;
  /** by word: its place among all words of the split, which gives it its colour */
  places: number[];
  /** how many words the split has, drawn or not */
  words: number;
}

/** Frames by the id of their series. */
export type SeriesFrames = Readonly<Record<string, SeriesFrame>>;

/** Whether a series is recorded by longer periods than the chart draws. */
export function isCoarser(
  chart: Pick<DrawnChart, 'grain'>,
  frame: Pick<Frame, 'recordedGrain'>,
): boolean {
  return grains.indexOf(frame.recordedGrain) > grains.indexOf(chart.grain);
}

/** Whether a frame can be drawn at the chart's grain: what adds up cannot be told apart within. */
export function isDrawn(
  chart: Pick<DrawnChart, 'grain'>,
  series: Pick<DrawnSeries, 'figures'>,
  frame: Pick<Frame, 'recordedGrain'>,
): boolean {
  return !isCoarser(chart, frame) || !isAdditive(series.figures.aggregate);
}

/**
 * Cuts an aggregated source to what a series draws: the periods of the chart's span, and the words
 * that have a figure there, in the order of the series.
 */
export function seriesFrame(
  chart: Pick<ChartDefinition, 'grain' | 'span'>,
  series: Pick<SeriesDefinition, 'figures' | 'split'>,
  frame: Frame,
): SeriesFrame {
  const { from, to } = spanOf(chart);
  const drawn = isDrawn(chart, series, frame);
  // A level that holds for a longer period may begin before the span does.
  const reach =
    from > -Infinity && isCoarser(chart, frame)
      ? periodStart(periodStart(from, frame.recordedGrain), chart.grain)
      : from;
  const kept = frame.periods.map((start) => drawn && start >= reach && start <= to);
  const first = frame.periods[0];
  const last = frame.periods.at(-1);
  const extent =
    drawn && first !== undefined && last !== undefined
      ? { from: Math.max(first, from), to: Math.min(last, to) }
      : null;
  const ordered = orderedKeys(series, frame.keys);
  const rows = ordered.map((key, place) => ({
    key,
    place,
    figures: (frame.values[frame.keys.indexOf(key)] ?? []).filter((_, period) => kept[period]),
  }));
  const shown = rows.filter(
    ({ figures }) => !series.split || figures.some((figure) => figure !== null),
  );
  return {
    ...frame,
    periods: frame.periods.filter((_, period) => kept[period]),
    keys: shown.map(({ key }) => key),
    values: shown.map(({ figures }) => figures),
    completeTo:
      frame.completeTo === null || to === Infinity
        ? frame.completeTo
        : Math.min(frame.completeTo, nextPeriod(to, chart.grain) - 1),
    extent: extent && extent.from <= extent.to ? extent : null,
    places: shown.map(({ place }) => place),
    words: ordered.length,
  };
}

/** The first days of the first and last period that a chart may show. */
function spanOf({ grain, span }: Pick<ChartDefinition, 'grain' | 'span'>) {
  const from = span.from === null ? null : parseDay(span.from);
  const to = span.to === null ? null : parseDay(span.to);
  return {
    from: from === null ? -Infinity : periodStart(from, grain),
    to: to === null ? Infinity : periodStart(to, grain),
  };
}

/** Words in the order of the series; those it does not know yet follow. */
function orderedKeys({ split }: Pick<SeriesDefinition, 'split'>, keys: readonly string[]) {
  if (!split) return [...keys];
  const ordered = split.order.filter((word) => keys.includes(word));
  return [...ordered, ...keys.filter((word) => !ordered.includes(word))];
}
