import { type Day, periodStart } from '../calendar';
import {
  type DrawnChart,
  type DrawnSeries,
  isCoarser,
  type Role,
  type SeriesFrame,
  type SeriesFrames,
  type Stroke,
  strokeOfRole,
} from '../chart';
import { divides, isAdditive } from '../frame';
import type { Figures } from '../values';
import type { AxisPeriod } from './axis';

/** One line of figures, laid on the date axis. */
export interface SeriesLine {
  /** the definition's id, followed by the word of the split */
  id: string;
  definition: DrawnSeries;
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

/** More lines than this in one chart cannot be read. */
export const mostLines = 40;

/**
 * Lays all series of a chart on its date axis, one line for each word of a split.
 * Of what is recorded by longer periods than the chart draws, rates and levels hold for each period
 * within; what adds up cannot be told apart, and its frame is empty.
 */
export function layLines(
  chart: DrawnChart,
  frames: SeriesFrames,
  axis: readonly AxisPeriod[],
): SeriesLine[] {
  let taken = 0;
  return chart.series.flatMap((definition) => {
    const frame = frames[definition.id];
    const first = taken;
    if (takesPalette(definition)) taken += definition.split ? (frame?.words ?? 0) : 1;
    const keys = definition.split ? (frame?.keys ?? []) : [''];
    return keys.map((key, row) => {
      const own = strokeOfRole(definition.role, first + (frame?.places[row] ?? 0));
      const stroke =
        definition.colour && !definition.split ? { ...own, colour: definition.colour } : own;
      return {
        id: definition.split ? `${definition.id}:${key}` : definition.id,
        definition,
        key,
        name: definition.split ? key : definition.name,
        role: definition.role,
        stroke,
        figures: frame ? layFigures(chart, frame, row, axis) : axis.map(() => null),
        exact: frame?.exact ?? !divides(definition.figures.aggregate),
        additive: isAdditive(definition.figures.aggregate),
      };
    });
  });
}

const takesPalette = (series: DrawnSeries) => series.role === 'actual' || series.role === 'other';

function layFigures(
  chart: DrawnChart,
  frame: SeriesFrame,
  row: number,
  axis: readonly AxisPeriod[],
): Figures {
  const figures = frame.values[row];
  const coarser = isCoarser(chart, frame);
  const standsAt = (start: Day) =>
    coarser ? periodStart(periodStart(start, frame.recordedGrain), chart.grain) : start;
  const { periods } = frame;
  // Both the axis and the frame ascend, so one walk along them finds every figure.
  let place = 0;
  return axis.map(({ start }) => {
    const wanted = standsAt(start);
    while (place < periods.length && (periods[place] as Day) < wanted) place += 1;
    return periods[place] === wanted ? (figures?.[place] ?? null) : null;
  });
}
