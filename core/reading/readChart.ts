import { arrangementKind, type Arranged } from '../arrangements';
import type { Day } from '../calendar';
import type { DrawnChart, SeriesFrames, Stroke } from '../chart';
import { type FigureFormat, figureFormat, valueAxis } from '../labels';
import { dateAxis, handOver, layLines, mostLines, type SeriesLine, strokesOf } from '../series';
import { findYardsticks } from '../yardsticks';
import { joinRanges, shownRange, type ShownRange } from './range';
import type { Reading, ReadPanel } from './reading';
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
 * computation: the browser, the server, exports and tests come through here. Lines are laid on the
 * calendar, then on the positions and panels of the arrangement; what follows reads panel by panel
 * and does not know the arrangement.
 * @param frames the aggregated figures, by the id of their series; those missing count as empty
 */
export function readChart(
  chart: DrawnChart,
  frames: SeriesFrames,
  { today }: ReadingContext,
): Reading {
  const kind = arrangementKind(chart.arrangement);
  const periods = dateAxis(chart, frames, today);
  const lines = handOver(layLines(chart, frames, periods));
  const { grain, yearStart } = chart;
  const arranged = kind.arrange({ periods, grain, yearStart, lines, today }, chart.arrangement);
  const { shape, ownAxes } = kind.panels?.(chart.arrangement) ?? { shape: 'row', ownAxes: false };
  const all = arranged.panels.flatMap((panel) => panel.lines);
  const strokes = strokesOf(all, kind.coloursBy);
  const read = arranged.panels.map((panel) => readLines(chart, arranged, panel, strokes, today));
  const ranges = read.map((panel) => shownRange(panel.series, panel.yardsticks));
  const whole = joinRanges(ranges);
  const format = figureFormat(
    Math.max(Math.abs(whole.lowest), Math.abs(whole.highest)),
    whole.whole,
  );
  const partial = {
    title: chart.title,
    ...{ grain, today, shape, format },
    axis: arranged.axis,
    emphasis: all.some(({ id }) => id === chart.emphasis) ? chart.emphasis : null,
    positions: arranged.positions,
    panels: read.map((panel, at) =>
      finish(chart, panel, ownAxes ? (ranges[at] as ShownRange) : whole, format),
    ),
    rules: readRules(
      chart,
      read.flatMap(({ series }) => series),
    ),
    remarks: remarks(chart, frames, periods, all),
  };
  const described = describe(chart, partial, arranged.described);
  const standing = sayStanding(partial);
  return {
    ...partial,
    described,
    standing,
    summary: summarise({ ...partial, described, standing }),
  };
}

/** The lines of one panel and what they are held against; hidden ones have served by then. */
function readLines(
  chart: DrawnChart,
  { axis, positions }: Arranged<SeriesLine>,
  { key, title, lines }: Arranged<SeriesLine>['panels'][number],
  strokes: ReadonlyMap<SeriesLine, Stroke>,
  today: Day,
): Pick<ReadPanel, 'key' | 'title' | 'series' | 'yardsticks'> {
  const shown = lines.filter(({ definition }) => !definition.hidden).slice(0, mostLines);
  const yardsticks = findYardsticks(chart.yardsticks, { axis, positions, lines, today });
  return {
    ...{ key, title, yardsticks },
    series: readSeries(chart, { shown, lines, positions, yardsticks, strokes }),
  };
}

/** Gives a panel its value axis, and picks out its points. */
function finish(
  chart: DrawnChart,
  panel: Pick<ReadPanel, 'key' | 'title' | 'series' | 'yardsticks'>,
  { lowest, highest }: ShownRange,
  format: FigureFormat,
): ReadPanel {
  return {
    ...panel,
    axis: valueAxis(lowest, highest, { starts: chart.axis.starts }),
    standouts: readStandouts(chart, panel.series, format),
  };
}
