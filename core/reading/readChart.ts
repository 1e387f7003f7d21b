import { axisKind } from '../axis';
import type { Position } from '../arrangements';
import type { Day } from '../calendar';
import { wordsIn } from '../values';
import { type DialValue, type DialValues, dialValues, sayDial, turnsOf } from '../dials';
import { type BoardStyle, type DrawnChart, plainSheet, plainStyle } from '../chart';
import { emphasisKind } from '../emphasis';
import { drawnGrain, type SeriesFrames } from '../figures';
import {
  findYardsticks,
  seriesOfYardstick,
  type Yardstick,
  type RecordedDates,
  type YardstickContext,
  type YardstickDefinition,
} from '../yardsticks';
import { type ArrangedChart, arrangeChart, type ArrangedPanelLines } from './arrangeChart';
import { standsOnBoth } from './axesApart';
import { callLines } from './called';
import { lookAt } from './yardsticks';
import type { Reading, ReadLook, ReadPanel, ReadSeries } from './reading';
import { remarks } from './remarks';
import { readHeadline } from './headline';
import { readRules } from './rules';
import { type Formats, findScales, type Scales } from './scales';
import { readSeries } from './series';
import { readStandouts } from './standouts';
import { conditionsIn, type ConditionsOf } from './conditions';
import { fillTitle } from './slots';
import { sayOutlook } from './outlook';
import { sayUnmet } from './unmet';
import { describe, sayStanding, summarise } from './words';

/** What a reading depends on beside the definition and the figures. */
export interface ReadingContext {
  today: Day;
  /** how the dashboard has its charts look */
  style?: BoardStyle;
  /** where a reader has turned dials to, by their names */
  dials?: Readonly<Record<string, DialValue>>;
  /** the dates that yardsticks take from sources */
  recorded?: RecordedDates;
  /** the figures without what a reader filters for themselves; missing: nothing looks at them */
  unfiltered?: SeriesFrames;
  /** the first day of the period that a reader has chosen, where the arrangement lets them */
  chosen?: Day | null;
}

/**
 * Computes everything about a chart from its definition and its figures. The one door to all
 * computation: the browser, the server, exports and tests come through here. Lines are laid on the
 * calendar, then on the positions and panels of the arrangement; what follows reads panel by panel
 * and does not know the arrangement.
 * @param frames the aggregated figures, by the id of their series; those missing count as empty
 */
export function readChart(
  definition: DrawnChart,
  frames: SeriesFrames,
  { today, style = plainStyle, dials: turned, recorded, unfiltered, chosen = null }: ReadingContext,
): Reading {
  const dials = dialValues(definition.dials, turned);
  const chart = withChosenYardsticks(definition, dials);
  const look = lookOf(chart, style);
  const by = { today, style, chosen, periods: look.periods };
  const laid = arrangeChart(chart, frames, by);
  const whole = unfiltered && arrangeChart(chart, unfiltered, by);
  const { kind, all, positions } = laid;
  const read = laid.panels.map((panel) =>
    readLines(chart, laid, panel, {
      today,
      dials,
      recorded,
      unfiltered: whole && panelOf(whole, panel),
    }),
  );
  const called = callLines(all);
  const { scales, formats } = findScales(chart, read, laid, style);
  const panels = read.map((panel, at) =>
    finish(chart, panel, positions, { ...(scales[at] as Scales), formats, look, called }),
  );
  const untitled = {
    grain: drawnGrain(chart),
    unit: unitOf(chart),
    today,
    shape: laid.shape,
    look,
    format: formats.first,
    secondFormat: formats.second,
    axis: laid.axis,
    emphasis: emphasisOf(chart, all, dials),
    positions,
    choice: laid.choice ?? null,
    panels,
    headline: kind.headline ? readHeadline({ panels, positions }) : null,
    rules: readRules(
      chart,
      read.flatMap(({ series }) => series),
    ),
    remarks: remarks(chart, frames, laid.periods, all, comparisonsOf(read)),
    unmet: sayUnmet(chart, panels),
  };
  const filtered = sayFiltered(chart, dials);
  const fill = (text: string) => fillTitle(text, untitled, filtered);
  const { first, second, along } = look.titles;
  const partial = {
    ...untitled,
    title: fill(chart.title),
    look: { ...look, titles: { first: fill(first), second: fill(second), along: fill(along) } },
  };
  const described = describe(chart, partial, [laid.described, filtered]);
  const standing = sayStanding(partial);
  const outlook = sayOutlook(partial);
  return {
    ...partial,
    described,
    standing,
    outlook,
    summary: summarise({ ...partial, described, standing, outlook }),
  };
}

/** What one position of a chart is called. */
const unitOf = ({ axis, grain }: DrawnChart) => axisKind(axis).unit(grain);

/** The lines of one panel and what they are held against; hidden ones have served by then. */
function readLines(
  chart: DrawnChart,
  { axis, positions, strokes, allLines }: ArrangedChart,
  { key, title, shown, counted }: ArrangedPanelLines,
  known: Pick<YardstickContext, 'today' | 'dials' | 'recorded' | 'unfiltered'>,
): UnscaledPanel {
  const onSecond = (yardstick: YardstickDefinition) => standsOnSecond(chart, yardstick);
  const { yearStart } = chart;
  const context = { axis, positions, lines: counted, allLines, yearStart, ...known };
  const onOne = chart.yardsticks.filter((yardstick) => !standsOnBoth(chart, yardstick));
  const yardsticks = findYardsticks(onOne, context, onSecond);
  const conditionsOf = conditionsIn(context, yardsticks, chart);
  return {
    key,
    title,
    yardsticks,
    conditionsOf,
    context,
    series: readSeries(chart, {
      axis,
      shown,
      lines: counted,
      positions,
      yardsticks,
      strokes,
      conditionsOf,
    }),
  };
}

/** A panel as it stands in a chart that is laid otherwise; undefined where it has none of its words. */
function panelOf({ panels, positions, allLines }: ArrangedChart, { key }: ArrangedPanelLines) {
  const own = panels.find((panel) => panel.key === key);
  return own && { positions, allLines, lines: own.counted };
}

/** A panel before its value axes are known. */
type UnscaledPanel = Pick<ReadPanel, 'key' | 'title'> & {
  yardsticks: Yardstick[];
  conditionsOf: ConditionsOf;
  context: YardstickContext;
  series: Omit<ReadSeries, 'format' | 'called'>[];
};

/** A yardstick stands on the axis of the series that it is found from, or else is a mark for. */
function standsOnSecond({ series }: DrawnChart, yardstick: YardstickDefinition): boolean {
  const from = seriesOfYardstick(yardstick);
  if (from.length === 0 && 'onSecond' in yardstick && yardstick.onSecond !== undefined)
    return yardstick.onSecond;
  const held = series.filter(({ id, mark }) =>
    from.length > 0 ? from.includes(id) : mark?.against === yardstick.id,
  );
  return held.length > 0 && held.every(({ valueAxis: axis }) => axis === 'second');
}

/** Gives a panel its value axes, and picks out its points. */
function finish(
  chart: DrawnChart,
  panel: UnscaledPanel,
  positions: readonly Position[],
  {
    first,
    second,
    formats,
    look,
    called,
  }: Scales & { formats: Formats; look: ReadLook; called: ReturnType<typeof callLines> },
): ReadPanel {
  const series = panel.series.map((line) => ({
    ...line,
    called: called.get(line.id) ?? line.name,
    format: line.second ? formats.second : formats.first,
  }));
  const { conditionsOf, context, ...rest } = panel;
  return {
    ...rest,
    axis: first,
    second,
    series,
    yardsticks: panel.yardsticks.map((each) =>
      lookAt(
        each,
        chart.yardsticks.find(({ id }) => id === each.id),
        each.second ? formats.second : formats.first,
        look.periods,
      ),
    ),
    standouts: readStandouts(chart, series, positions, { conditionsOf, context }),
  };
}

/** A chart with those of its yardsticks that readers choose by a dial; where they choose none, all. */
function withChosenYardsticks(chart: DrawnChart, dials: DialValues): DrawnChart {
  const dial = chart.dials.find(({ id }) => id === chart.yardsticksBy);
  const turns = dial && turnsOf(dial);
  const chosen = wordsIn(dials.get(dial?.id ?? ''));
  if (!turns || !('choices' in turns) || chosen.length === 0) return chart;
  const stands = (each: YardstickDefinition) =>
    !('name' in each) || !turns.choices.includes(each.name) || chosen.includes(each.name);
  return { ...chart, yardsticks: chart.yardsticks.filter(stands) };
}

/** The ids of the lines that a chart opens with. */
function emphasisOf(
  { emphasis, emphasises }: DrawnChart,
  lines: ArrangedChart['all'],
  dials: DialValues,
): string[] {
  if (emphasises) return emphasisKind(emphasises).find(emphasises, lines, dials);
  return lines.filter(({ id }) => id === emphasis).map(({ id }) => id);
}

/** What of the look is the chart's own, and what it takes from its dashboard. */
function lookOf(
  { axes, names, yearStart, sheet = plainSheet }: DrawnChart,
  style: BoardStyle,
): ReadLook {
  return {
    textSize: style.textSize,
    periods: { dates: axes.dates ?? style.dates, yearStart },
    shown: axes.shown,
    titles: { first: axes.first.title, second: axes.second.title, along: axes.title ?? '' },
    wholeDates: axes.wholeDates ?? false,
    names,
    sheet,
  };
}

const comparisonsOf = (read: readonly { series: readonly Pick<ReadSeries, 'comparison'>[] }[]) =>
  read.flatMap(({ series }) => series.flatMap(({ comparison }) => comparison ?? []));

/** What the filters of a chart keep, with those that dials turn as they stand. */
function sayFiltered({ filtered = '', dialled = [], dials: own }: DrawnChart, dials: DialValues) {
  const turned = dialled.flatMap((id) => {
    const dial = own.find((each) => each.id === id);
    const value = dials.get(id);
    const said = value === undefined ? '' : sayDial(value);
    if (!dial || said === '') return [];
    return 'choices' in turnsOf(dial) ? `only ${said}` : `${dial.name} ${said}`;
  });
  return [filtered, ...turned].filter(Boolean).join(' and ');
}
