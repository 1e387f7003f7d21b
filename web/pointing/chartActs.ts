import { linesOf, type Reading } from '../../core/reading';
import { atPlace, type Highlight, isLit, latestLit, noHighlight, placeOf } from '../picture';
import { isPlacePicked, pickLine, pickPlace } from './narrowing';
import type { NoteSpot } from './noteSpot';
import { middleDay, type Pointed } from './pointed';
import type { Linked } from './pointing';

/** A chart, and what is pointed at in it. */
export interface PointedChart {
  reading: Reading;
  at: Pointed | null;
  highlight: Highlight;
  linked?: Linked;
  onHighlight: (highlight: Highlight) => void;
  onWriteNote?: (spot: NoteSpot) => void;
  /** tells where the figure of a line comes from, by its place; missing for those who may not know */
  onAsk?: (line: string, period: number) => void;
}

/** Something that can be done with what is pointed at. */
export interface ChartAct {
  words: string;
  can: (chart: PointedChart) => boolean;
  /** it is done now: pressed once more, it is undone; missing for what leaves nothing behind */
  isDone?: (chart: PointedChart) => boolean;
  act: (chart: PointedChart) => void;
}

/** The line that is meant: the one under the pointer, or else the highlighted one. */
const lineMeant = ({ at, highlight }: PointedChart) => at?.series ?? latestLit(highlight);

const isHeld = ({ at, linked, reading }: PointedChart) =>
  !!at && !!linked && linked.held.some((day) => placeOf(reading, day) === at.period);

export const hold: ChartAct = {
  words: 'Hold the date',
  can: ({ at, linked, reading }) => !!at && !!linked && reading.axis === 'calendar',
  isDone: isHeld,
  act: (chart) => {
    const { at, linked, reading } = chart;
    if (!at || !linked) return;
    const before = linked.held.find((day) => placeOf(reading, day) === at.period);
    const grain = reading.unit === reading.grain ? reading.grain : 'day';
    linked.onHold({ day: before ?? middleDay(reading, at.period), grain });
  },
};

/** The place of the axis that is highlighted; null for none. */
export const litPlace = ({ linked, reading }: Pick<PointedChart, 'linked' | 'reading'>) =>
  linked && linked.lit !== null ? placeOf(reading, linked.lit) : null;

const isAtLit = (chart: PointedChart) => {
  const { at, highlight, linked } = chart;
  if (!at) return false;
  const line = at.series === null || isLit(highlight, at.series);
  return line && (!linked || litPlace(chart) === at.period);
};

/** Highlights what is pointed at: the line there, and the place of the axis; the rest in grey. */
export const highlightIt: ChartAct = {
  words: 'Highlight',
  can: ({ at, linked }) => !!at && (!!linked || at.series !== null),
  isDone: isAtLit,
  act: (chart) => {
    const { at, linked, reading, onHighlight } = chart;
    if (!at) return;
    const on = !isAtLit(chart);
    if (at.series !== null) onHighlight(on ? [at.series] : noHighlight);
    linked?.onLight(on ? atPlace(reading, at.period) : null);
  },
};

const isNarrowed = ({ at, linked, reading }: PointedChart) =>
  !!at && !!linked?.narrowing && isPlacePicked(linked.narrowing, reading, at.period);

/** Narrows the other charts to the place that is pointed at, and to the line where one is meant. */
export const narrowOthers: ChartAct = {
  words: 'Narrow the others',
  can: ({ at, linked }) => !!at && !!linked?.narrowing,
  isDone: isNarrowed,
  act: (chart) => {
    const { at, linked, reading } = chart;
    const hand = linked?.narrowing;
    if (!at || !hand) return;
    const on = !isNarrowed(chart);
    pickPlace(hand, reading, at.period, on);
    const line = lineMeant(chart);
    if (line !== null) pickLine(hand, reading, line, on);
  },
};

/** Picks the point that is pressed: its line and its place are highlighted, and narrow the others. */
export function pickPoint(chart: PointedChart) {
  const on = !isAtLit(chart);
  highlightIt.act(chart);
  if (narrowOthers.can(chart) && isNarrowed(chart) !== on) narrowOthers.act(chart);
}

export const writeNote: ChartAct = {
  words: 'Write a note',
  can: ({ onWriteNote }) => !!onWriteNote,
  act: (chart) => {
    const { reading, at, onWriteNote } = chart;
    const day = at && reading.axis === 'calendar' ? at.day : null;
    onWriteNote?.({ day, series: lineMeant(chart) });
  },
};

/** The line whose figure at the place is asked for: the one meant, or the first that has one there. */
function lineAsked(chart: PointedChart): string | null {
  const { reading, at } = chart;
  const valued = linesOf(reading).filter(({ figures }) => figures[at?.period ?? -1] != null);
  const meant = lineMeant(chart);
  return (valued.find(({ id }) => id === meant) ?? valued[0])?.id ?? null;
}

export const askWhence: ChartAct = {
  words: 'Where from?',
  can: (chart) => !!chart.at && !!chart.onAsk && lineAsked(chart) !== null,
  act: (chart) => {
    const line = lineAsked(chart);
    if (chart.at && line !== null) chart.onAsk?.(line, chart.at.period);
  },
};

/** What can be done with what is pointed at, in the order in which it is offered. */
export const chartActs: readonly ChartAct[] = [
  hold,
  highlightIt,
  narrowOthers,
  writeNote,
  askWhence,
];
