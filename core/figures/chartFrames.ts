import { axisColumn, axisKind } from '../axis';
import { type Day, nextPeriod } from '../calendar';
import { derivedKind } from '../derived';
import type { DialValue } from '../dials';
import type { Frame, Place, Readings } from '../frame';
import { type Problem, ProblemError } from '../values';
import { drawnGrain, shownReach } from './reach';
import { earlierFigures } from './earlierFigures';
import { unshownFigures } from './unshownFigures';
import { type ChartDefinition, greysLines, keepsWord, type SeriesDefinition } from '../chart';
import { onSharedScale } from './sharedScale';
import { isSent } from './requests';
import type { SeriesFrame, FullSeries } from './seriesFrame';
import { FullSeriesFinder, derivedFigures } from './fullSeries';

/**
 * Makes of aggregated sources what the series of a chart draw: formulas over other series are worked
 * out, derived series found over every period there is, and all of it cut to the chart's span.
 * @param aggregated by the id of its series; one that could not be had is missing
 * @param turned where a reader has turned dials to, by their names
 */
export function chartFrames(
  chart: ChartDefinition,
  aggregated: Readonly<Record<string, Frame>>,
  today: Day,
  turned: Readonly<Record<string, DialValue>> = {},
): { frames: Record<string, SeriesFrame>; problems: Problem[] } {
  const frames: Record<string, SeriesFrame> = {};
  const problems: Problem[] = [];
  const order = axisKind(chart.axis).order?.(chart.axis) ?? { words: [], by: null };
  const scale = axisColumn(chart.axis)
    ? onSharedScale(aggregated, order)
    : { frames: aggregated, places: null };
  const found = new FullSeriesFinder(chart, scale.frames, turned, today);
  for (const series of chart.series) {
    try {
      const whole = found.of(series);
      const remark = found.remarkOn(series);
      if (remark) problems.push(remark);
      // What is only an operand of formulas goes to nobody.
      if (whole && isSent(chart, series))
        frames[series.id] = placed(
          shown(chart, series, whole, { today, lastActual: found.lastActual() }),
          scale.places,
        );
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      problems.push(error.problem);
    }
  }
  return { frames, problems };
}

/**
 * Cuts figures to what a series draws: the periods of the chart's span, and the words that have a
 * figure there, in the order of the series.
 */
function shown(
  chart: ChartDefinition,
  series: SeriesDefinition,
  whole: FullSeries,
  known: { today: Day; lastActual: Day | null },
): SeriesFrame {
  const reach = shownReach(chart, known.today, known.lastActual);
  const [from, to] = [reach.from ?? -Infinity, reach.to ?? Infinity];
  const kept = whole.periods.map((start) => start >= from && start <= to);
  const periods = whole.periods.filter((_, place) => kept[place]);
  const nextAfter = (start: Day) =>
    start === Infinity ? Infinity : nextPeriod(start, drawnGrain(chart));
  const [first, last] = [whole.periods[0], whole.periods.at(-1)];
  const extent =
    first !== undefined && last !== undefined
      ? { from: Math.max(first, from), to: Math.min(last, to) }
      : null;
  const ordered = orderedKeys(series, whole);
  const rows = ordered.map(({ key, place }) => ({
    key,
    place,
    figures: (whole.values[whole.keys.indexOf(key)] ?? []).filter((_, at) => kept[at]),
  }));
  const split = isSplit(whole);
  const drawn = rows.filter(({ figures }) => !split || figures.some((figure) => figure !== null));
  const cut = {
    ...whole,
    periods,
    keys: drawn.map(({ key }) => key),
    values: drawn.map(({ figures }) => figures),
    completeTo:
      whole.completeTo === null || to === Infinity
        ? whole.completeTo
        : Math.min(whole.completeTo, nextAfter(to) - 1),
    extent: extent && extent.from <= extent.to ? extent : null,
    groups: whole.groups && drawn.map(({ key }) => groupOf(whole, key)),
    readings: whole.readings && readingsWithin(whole.readings, from, nextAfter(to)),
    colourPlaces: drawn.map(({ place }) => place),
    greyed: drawn.map(({ key }) => isGreyed(chart, series, key)),
    inInk: drawn.map(({ key }) => series.split?.inInk?.includes(key) ?? false),
    unshown: unshownFigures(chart, series, whole, {
      kept,
      today: known.today,
      words: drawn.map(({ key }) => key),
    }),
    // What is not drawn is read nowhere.
    earlier: series.hidden
      ? undefined
      : earlierFigures(chart, series, whole, { kept, words: drawn.map(({ key }) => key) }),
  };
  const { derived } = series;
  if (!derived || !derivedKind(derived).ofShown || whole.constant !== null) return cut;
  return { ...cut, ...derivedFigures({ ...cut, lines: cut.values }, derived, chart) };
}

/** The word that gives a line of a split its colour. */
const groupOf = ({ keys, groups }: FullSeries, key: string): string =>
  groups?.[keys.indexOf(key)] ?? '';

/** The single readings from one day to before another. */
function readingsWithin({ days, figures, ...rest }: Readings, from: Day, next: Day): Readings {
  const kept = days.map((day) => day >= from && day < next);
  return {
    ...rest,
    days: days.filter((_, at) => kept[at]),
    figures: figures.filter((_, at) => kept[at]),
  };
}

/** Says what the periods of a series' figures are, where they are places along a column. */
function placed(frame: SeriesFrame, places: readonly Place[] | null): SeriesFrame {
  if (!places) return frame;
  const axisPlaces = frame.periods.map((number) => places[number] as Place);
  // Figures stand where they are on their scale, words one beside the other.
  const periods = axisPlaces.map((place, at) =>
    typeof place === 'number' ? place : (frame.periods[at] as number),
  );
  const [from, to] = [periods[0], periods.at(-1)];
  return {
    ...frame,
    axisPlaces,
    periods,
    extent: from === undefined || to === undefined ? null : { from, to },
  };
}

/** Whether a filter of the chart leaves a line of a split in grey. */
const isGreyed = ({ filters }: ChartDefinition, { split, fixed }: SeriesDefinition, word: string) =>
  !fixed &&
  filters.some((each) => greysLines(each, split?.column ?? null) && !keepsWord(each.filter, word));

/** Whether lines are told apart by words: one empty word alone is no split. */
export const isSplit = ({ keys }: Pick<SeriesFrame, 'keys'>) => keys.length !== 1 || keys[0] !== '';

/**
 * Words in the order of the series, those it does not know yet after them, each with its place in the
 * palette: a word keeps its colour, whichever others are there and in whatever order.
 */
function orderedKeys({ split }: SeriesDefinition, { keys, groups }: FullSeries) {
  const order = split?.order ?? [];
  const coloured = split?.coloured.length ? split.coloured : order;
  const own = keys.map((key) => placeAmong(key, coloured, keys));
  const places = groups ? placesOfGroups(groups, own) : own;
  const placed = keys.map((key, at) => ({
    key,
    at: placeAmong(key, order, keys),
    place: places[at] as number,
  }));
  // A ranking has its own order.
  return split?.top ? placed : placed.sort((one, two) => one.at - two.at);
}

/** Words of one group share a place; groups come in the order of their first words. */
function placesOfGroups(groups: readonly string[], own: readonly number[]): number[] {
  const inOrder = own.map((_, at) => at).sort((a, b) => (own[a] ?? 0) - (own[b] ?? 0));
  const distinct = [...new Set(inOrder.map((at) => groups[at] as string))];
  return groups.map((group) => distinct.indexOf(group));
}

/** The place of a word in a list; words that are not in it follow in their own order. */
function placeAmong(word: string, list: readonly string[], all: readonly string[]): number {
  const known = list.indexOf(word);
  if (known >= 0) return known;
  return list.length + all.filter((each) => !list.includes(each)).indexOf(word);
}
