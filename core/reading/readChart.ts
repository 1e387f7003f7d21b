import type { Day } from '../calendar';
import type { ChartDefinition } from '../chart';
import { figureFormat, valueAxis, writeFigure, writePeriod } from '../labels';
import { strokePieces } from '../rules';
import {
  type AxisPeriod,
  dateAxis,
  frameOf,
  type Frames,
  isCoarser,
  isDrawn,
  layLines,
  mostLines,
  mostPeriods,
  type SeriesLine,
} from '../series';
import { extremePlaces } from '../standouts';
import { decimalsOf } from '../values';
import { findYardsticks, type Yardstick } from '../yardsticks';
import { compareLine } from './compare';
import type { Reading, ReadPeriod, ReadSeries, ReadStandout } from './reading';
import { readRules, ruleFor } from './rules';
import { describe, sayStanding, summarise } from './words';

/** What a reading depends on beside the definition and the figures. */
export interface ReadingContext {
  today: Day;
}

/**
 * Computes everything about a chart from its definition and its figures. The one door to all
 * computation: the browser, the server, exports and tests come through here.
 * @param frames the aggregated figures, by the key of their request; those missing count as empty
 */
export function readChart(
  chart: ChartDefinition,
  frames: Frames,
  { today }: ReadingContext,
): Reading {
  const axis = chartAxis(chart, frames, today);
  const allLines = layLines(chart, frames, axis);
  const lines = allLines.slice(0, mostLines);
  const periods = axis.map((period) => ({
    ...period,
    label: writePeriod(period.start, chart.grain),
  }));
  const yardsticks = findYardsticks(chart.yardsticks, lines, axis, today);
  const series = readSeries(chart, lines, yardsticks, axis);
  const rules = readRules(chart, series);
  const shown = shownValues(series, yardsticks);
  const format = figureFormat(
    shown.reduce((most, value) => Math.max(most, Math.abs(value)), 0),
    shown.every((value) => decimalsOf(value) === 0),
  );
  const partial = {
    title: chart.title,
    grain: chart.grain,
    today,
    periods,
    series,
    yardsticks,
    rules,
    standouts: readStandouts(chart, series, periods, format),
    axis: valueAxis(Math.min(...orUnit(shown)), Math.max(...orUnit(shown))),
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

const orUnit = (values: readonly number[]) => (values.length > 0 ? values : [0, 1]);

function chartAxis(chart: ChartDefinition, frames: Frames, today: Day): AxisPeriod[] {
  const withFrames = chart.series.flatMap((series) => {
    const frame = frameOf(chart, series, frames);
    return frame && isDrawn(chart, series, frame) ? [{ series, frame }] : [];
  });
  const actuals = withFrames.filter(({ series }) => series.role === 'actual');
  return dateAxis(
    chart,
    withFrames.map(({ frame }) => frame),
    actuals.map(({ frame }) => frame),
    today,
  );
}

function readSeries(
  chart: ChartDefinition,
  lines: readonly SeriesLine[],
  yardsticks: readonly Yardstick[],
  axis: readonly AxisPeriod[],
): ReadSeries[] {
  const x = axis.map(({ middle }) => middle);
  const open = axis.map((period) => period.open);
  return lines.map((line) => {
    const { definition, ...rest } = line;
    const compared = compareLine(line, lines, yardsticks, axis);
    const ruleOf = (judgement: 'on' | 'off' | null) =>
      ruleFor(chart.colourRules, definition.id, judgement);
    // Only what an actual has not finished yet is lighter: a budget is as sure ahead as behind.
    const openHere = line.role === 'actual' ? open : [];
    const held = compared && { marks: compared.marks, good: compared.good, exact: compared.exact };
    // Beside colours that judge, what is not judged wears none of them.
    const ruled = chart.colourRules.some((rule) => compared && rule.series === definition.id);
    const unjudged = ruled ? 'ink' : line.stroke.colour;
    const pieces = strokePieces(x, line.figures, openHere, held);
    const last = line.figures.findLastIndex((figure) => figure !== null);
    return {
      ...rest,
      definitionId: definition.id,
      comparison: compared && {
        ...compared,
        caughtBy: compared.judgements.map((judgement) => ruleOf(judgement)?.id ?? null),
      },
      pieces: pieces.map((piece) => ({
        ...piece,
        colour:
          piece.judgement === null
            ? unjudged
            : (ruleOf(piece.judgement)?.colour ?? line.stroke.colour),
      })),
      last: last < 0 ? null : last,
    };
  });
}

/** The values the axis must hold: all figures, and the yardsticks that ask for it. */
function shownValues(series: readonly ReadSeries[], yardsticks: readonly Yardstick[]): number[] {
  const figures = series.flatMap((line) => line.figures.filter((figure) => figure !== null));
  const levels = yardsticks.flatMap((each) =>
    each.kind === 'line' && each.onAxis && each.value !== null ? [each.value] : [],
  );
  return [...figures, ...levels];
}

/** Extremes are taken over the finished periods, all lines of the series together. */
function readStandouts(
  chart: ChartDefinition,
  series: readonly ReadSeries[],
  periods: readonly ReadPeriod[],
  format: Reading['format'],
): ReadStandout[] {
  return chart.standouts.flatMap(({ id, series: of, pick }) => {
    const points = series
      .filter(({ definitionId }) => definitionId === of)
      .flatMap((line) => line.figures.map((figure, period) => ({ line: line.id, figure, period })))
      .map((point) => (periods[point.period]?.open ? { ...point, figure: null } : point));
    const places = extremePlaces(
      points.map(({ figure }) => figure),
      pick,
    );
    return places.flatMap((place) => {
      const point = points[place];
      if (!point || point.figure === null) return [];
      const { line, figure, period } = point;
      return [{ id, pick, series: line, period, figure, label: writeFigure(figure, format) }];
    });
  });
}

function remarks(
  chart: ChartDefinition,
  frames: Frames,
  periods: readonly ReadPeriod[],
  series: readonly ReadSeries[],
  lines: number,
): string[] {
  const coarse = chart.series.flatMap((one) => {
    const frame = frameOf(chart, one, frames);
    if (!frame || !isCoarser(chart, frame)) return [];
    const recorded = `${one.name} is recorded by ${frame.recordedGrain}`;
    return !isDrawn(chart, one, frame)
      ? [
          `${recorded}, so it is not drawn by ${chart.grain}. Choose ${frame.recordedGrain} or longer.`,
        ]
      : [`${recorded}: its level holds for each ${chart.grain} of it.`];
  });
  const actuals = series.filter(({ role }) => role === 'actual');
  const open = periods.find(
    (period, place) => period.open && actuals.some(({ figures }) => figures[place] !== null),
  );
  return [
    ...coarse,
    ...(open ? [`${open.label} is not complete yet: it is drawn lighter and not judged.`] : []),
    ...(lines > mostLines ? [`The first ${mostLines} of ${lines} lines are drawn.`] : []),
    ...(periods.length >= mostPeriods
      ? [`The first ${mostPeriods} periods are drawn. Choose a longer period, or fewer years.`]
      : []),
  ];
}
