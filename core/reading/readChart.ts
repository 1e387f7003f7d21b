import type { Day } from '../calendar';
import type { DrawnChart, SeriesFrames } from '../chart';
import { figureFormat, valueAxis, writePeriod } from '../labels';
import { dateAxis, layLines, mostLines } from '../series';
import { findYardsticks } from '../yardsticks';
import { shownRange } from './range';
import type { Reading } from './reading';
import { remarks } from './remarks';
import { readRules } from './rules';
import { readSeries } from './series';
import { readStandouts } from './standouts';
import { describe, sayStanding, summarise } from './words';

/** What a reading depends on beside the definition and the figures. */
export interface ReadingContext {
  today: Day;
}

/**
 * Computes everything about a chart from its definition and its figures. The one door to all
 * computation: the browser, the server, exports and tests come through here.
 * @param frames the aggregated figures, by the id of their series; those missing count as empty
 */
export function readChart(
  chart: DrawnChart,
  frames: SeriesFrames,
  { today }: ReadingContext,
): Reading {
  const axis = dateAxis(chart, frames, today);
  const allLines = layLines(chart, frames, axis);
  const lines = allLines.slice(0, mostLines);
  const periods = axis.map(({ start, next, middle, open }) => {
    const label = writePeriod(start, chart.grain);
    return { start, next, middle, open, label };
  });
  const yardsticks = findYardsticks(chart.yardsticks, lines, axis, today);
  const series = readSeries(chart, lines, yardsticks, axis);
  const { lowest, highest, whole } = shownRange(series, yardsticks);
  const format = figureFormat(Math.max(Math.abs(lowest), Math.abs(highest)), whole);
  const partial = {
    title: chart.title,
    grain: chart.grain,
    today,
    periods,
    series,
    yardsticks,
    rules: readRules(chart, series),
    standouts: readStandouts(chart, series, periods, format),
    axis: valueAxis(lowest, highest),
    format,
    remarks: remarks(chart, frames, periods, series, allLines.length),
  };
  const described = describe(chart, partial);
  const standing = sayStanding(partial);
  return {
    ...partial,
    described,
    standing,
    summary: summarise({ ...partial, described, standing }),
  };
}
