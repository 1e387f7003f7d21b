import { type Day, grains, periodStart } from '../calendar';
import {
  type ChartDefinition,
  frameRequest,
  type Role,
  type SeriesDefinition,
  type Stroke,
  strokeOfRole,
} from '../chart';
import { divides, type Frame, frameKey, isAdditive } from '../frame';
import type { Figures } from '../values';
import type { AxisPeriod } from './axis';

/** One line of figures, laid on the date axis. */
export interface SeriesLine {
  /** the definition's id, followed by the word of the split */
  id: string;
  definition: SeriesDefinition;
  /** the word of the split; empty without one */
  key: string;
  name: string;
  role: Role;
  stroke: Stroke;
  /** one a period; null where missing */
  figures: Figures;
  exact: boolean;
  additive: boolean;
}

/** Frames by the key of their request. */
export type Frames = Readonly<Record<string, Frame>>;

/** More lines than this in one chart cannot be read. */
export const mostLines = 40;

/** The frame of a series, unless it is not there yet. */
export function frameOf(
  chart: ChartDefinition,
  series: SeriesDefinition,
  frames: Frames,
): Frame | undefined {
  return frames[frameKey(frameRequest(chart, series))];
}

/** Whether a series is recorded by longer periods than the chart draws. */
export function isCoarser(chart: ChartDefinition, frame: Frame): boolean {
  return grains.indexOf(frame.recordedGrain) > grains.indexOf(chart.grain);
}

/** Whether a frame can be drawn at the chart's grain: what adds up cannot be told apart within. */
export function isDrawn(chart: ChartDefinition, series: SeriesDefinition, frame: Frame): boolean {
  return !isCoarser(chart, frame) || !isAdditive(series.figures.aggregate);
}

/**
 * Lays all series of a chart on its date axis, one line for each word of a split.
 * Of what is recorded by longer periods than the chart draws, rates and levels hold for each period
 * within; what adds up cannot be told apart and is not drawn.
 */
export function layLines(
  chart: ChartDefinition,
  frames: Frames,
  axis: readonly AxisPeriod[],
): SeriesLine[] {
  let place = 0;
  return chart.series.flatMap((definition) => {
    const frame = frameOf(chart, definition, frames);
    return splitWords(definition, frame).map((key) => {
      const own = strokeOfRole(definition.role, place);
      if (takesPalette(definition)) place += 1;
      const stroke =
        definition.colour && !definition.split ? { ...own, colour: definition.colour } : own;
      return layLine(chart, definition, key, stroke, frame, axis);
    });
  });
}

const takesPalette = (series: SeriesDefinition) =>
  series.role === 'actual' || series.role === 'other';

/** Words in the order of the definition; those it does not know yet follow. */
function splitWords(definition: SeriesDefinition, frame: Frame | undefined): string[] {
  if (!definition.split) return [''];
  const found = frame?.keys ?? [];
  const ordered = definition.split.order.filter((word) => found.includes(word));
  const later = found.filter((word) => !ordered.includes(word));
  return [...ordered, ...later];
}

function layLine(
  chart: ChartDefinition,
  definition: SeriesDefinition,
  key: string,
  stroke: Stroke,
  frame: Frame | undefined,
  axis: readonly AxisPeriod[],
): SeriesLine {
  const coarser = !!frame && isCoarser(chart, frame);
  const { aggregate } = definition.figures;
  const drawn = frame && isDrawn(chart, definition, frame);
  const row = drawn ? frame.values[frame.keys.indexOf(key)] : undefined;
  const standsAt = (start: Day) =>
    coarser ? periodStart(periodStart(start, frame.recordedGrain), chart.grain) : start;
  const places = new Map(frame?.periods.map((start, place) => [start, place]));
  return {
    id: definition.split ? `${definition.id}:${key}` : definition.id,
    definition,
    key,
    name: definition.split ? key : definition.name,
    role: definition.role,
    stroke,
    figures: axis.map(({ start }) => row?.[places.get(standsAt(start)) ?? -1] ?? null),
    exact: frame?.exact ?? !divides(aggregate),
    additive: isAdditive(aggregate),
  };
}
