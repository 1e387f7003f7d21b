import { type Day, type Grain, grains, recordingOf } from '../calendar';
import { type Column, type DateColumn, missingDay, type Table, type TextColumn } from '../table';
import { ProblemError } from '../values';
import { aggregateKind } from './aggregates';
import { type AxisColumn, layPlaces } from './axisPlaces';
import { colourGroups } from './colourGroups';
import { columnOf } from './columnOf';
import { columnsCompared } from './comparisons';
import { filteredDates, rowsKept } from './filteredRows';
import { filterKind } from './filters';
import { foldWords, othersWord } from './foldedWords';
import type { Frame, FrameRequest } from './frame';
import { groupRows } from './groups';
import { rankWords } from './ranking';
import { singleReadings } from './readings';
import { layWithin, periodsWithin, type Within } from './layWithin';

/** A split into more words than this is no chart. */
export const mostKeys = 200;
/** More words than these are not ranked while somebody waits. */
const mostRanked = 5000;

/** Figures by word and period. */
type Gathered = Pick<Frame, 'periods' | 'keys' | 'values'>;

/**
 * Aggregates a table to the drawn period.
 * @param known what the source is recorded by and up to when it is complete, where the table does not
 *   hold all its rows
 * @throws ProblemError when a column is gone or of the wrong kind, or the split has too many words
 */
export function aggregate(
  table: Table,
  request: FrameRequest,
  known?: Pick<Frame, 'completeTo' | 'recordedGrain'>,
): Frame {
  const frame = aggregateWords(table, request, known);
  const { splitBy, colourBy = null } = request;
  if (splitBy === null || colourBy === null) return frame;
  const [split, by] = [columnOf(table, splitBy, 'text'), columnOf(table, colourBy, 'text')];
  return { ...frame, groups: colourGroups(split, by, frame.keys) };
}

function aggregateWords(
  table: Table,
  request: FrameRequest,
  known?: Pick<Frame, 'completeTo' | 'recordedGrain'>,
): Frame {
  const { axisColumn = null } = request;
  if (axisColumn) return aggregatePlaces(table, request, axisColumn);
  const all = columnOf(table, request.date, 'date');
  const column = request.column === null ? null : columnOf(table, request.column);
  const recordedGrain = known?.recordedGrain ?? recordingOf(all.distinct, all.writtenAs).by;
  const within = withinOf(request, recordedGrain);
  const frame = {
    exact: !aggregateKind(request.aggregate).divides,
    completeTo: known ? known.completeTo : completeTo(all, column),
    recordedGrain,
    within,
    others: null,
    groups: null,
    axisPlaces: null,
    readings: null,
  };
  if (within === 'refused') return { ...frame, periods: [], keys: [], values: [] };
  const dates = filteredDates(table, request, all);
  const single = request.readings && column?.kind === 'number';
  return {
    ...frame,
    ...gatherWords(table, request, dates, frame),
    readings: single ? singleReadings(dates, column) : null,
  };
}

/** Aggregates along a column: its places take the part of single days. */
function aggregatePlaces(table: Table, request: FrameRequest, axisColumn: AxisColumn): Frame {
  const { dates, places } = layPlaces(table, axisColumn, rowsKept(table, request));
  const frame = {
    exact: !aggregateKind(request.aggregate).divides,
    completeTo: null,
    recordedGrain: 'day' as const,
    within: null,
    others: null,
    groups: null,
    axisPlaces: places,
    readings: null,
  };
  return { ...frame, ...gatherWords(table, { ...request, grain: 'day' }, dates, frame) };
}

/** The figures of a request over dates that its filters keep, by the words of its split. */
function gatherWords(
  table: Table,
  request: FrameRequest,
  dates: DateColumn,
  frame: Pick<Frame, 'exact' | 'completeTo' | 'recordedGrain' | 'within' | 'others' | 'groups'>,
): Gathered & Pick<Frame, 'others'> {
  const { recordedGrain } = frame;
  const within = frame.within === 'refused' ? null : frame.within;
  const column = request.column === null ? null : columnOf(table, request.column);
  const split = request.splitBy === null ? null : columnOf(table, request.splitBy, 'text');
  const gatherAt = (words: TextColumn | null, grain: Grain) =>
    gather(dates, words, column, request, grain);
  const grain = within ? recordedGrain : request.grain;
  const { top } = request;
  if (!top || !split) {
    if (split) checkSplit(split.name, split.words.length);
    return {
      ...laid(sorted(gatherAt(split, grain)), request, recordedGrain, within),
      others: null,
    };
  }
  checkSplit(split.name, split.words.length, mostRanked);
  // The ranking is over what is drawn; the rest is aggregated anew from its rows.
  const each = laid(sorted(gatherAt(split, grain)), request, recordedGrain, within);
  const ranks = rankWords({ ...each, ...frame }, top, request.grain);
  const kept = ranks.slice(0, top.count).map((place) => each.keys[place] as string);
  if (kept.length === each.keys.length) return { ...inOrder(each, kept), others: null };
  const others = othersWord(each.keys);
  const folded = foldWords(split, kept, others);
  const shown = laid(gatherAt(folded, grain), request, recordedGrain, within);
  return { ...inOrder(shown, [...kept, others]), others };
}

/**
 * Checks that a split has no more words than a chart can hold.
 * @param column the name of the column
 * @param words how many different ones there are
 * @param most that a chart can hold
 * @throws ProblemError
 */
export function checkSplit(column: string, words: number, most = mostKeys) {
  if (words <= most) return;
  throw new ProblemError({
    code: 'split-too-fine',
    sentence: `“${column}” has ${words} different words; ${most} at most can be told apart here. Choose a coarser column, or only the first few.`,
    place: { column },
  });
}

/** How figures of longer periods stand within the drawn ones. */
function withinOf({ grain, aggregate, evenly }: FrameRequest, recorded: Grain): Frame['within'] {
  if (grains.indexOf(recorded) <= grains.indexOf(grain)) return null;
  if (!aggregateKind(aggregate).additive) return 'repeated';
  return evenly ? 'divided' : 'refused';
}

function gather(
  dates: DateColumn,
  split: TextColumn | null,
  column: Column | null,
  request: FrameRequest,
  grain: Grain,
): Gathered {
  const groups = groupRows(dates, split, grain);
  const figures =
    column?.kind === 'number'
      ? aggregateKind(request.aggregate).ofNumbers(groups, column, request.percent ?? 50)
      : countingOnly(request, column)(groups, column);
  const { periods, words } = groups;
  return {
    periods,
    keys: [...words],
    values: words.map((_, code) =>
      periods.map((_start, period) => orNull(figures[period * words.length + code] as number)),
    ),
  };
}

const orNull = (figure: number) => (Number.isNaN(figure) ? null : figure);

/** Words in their alphabetical order; a blank one comes last. */
function sorted(gathered: Gathered): Gathered {
  const keys = [...gathered.keys].sort((a, b) =>
    a === '' || b === '' ? Number(a === '') - Number(b === '') : a < b ? -1 : 1,
  );
  return inOrder(gathered, keys);
}

function inOrder({ periods, keys, values }: Gathered, order: readonly string[]): Gathered {
  const places = new Map(keys.map((key, place) => [key, place]));
  const known = order.filter((key) => places.has(key));
  return {
    periods,
    keys: known,
    values: known.map((key) => values[places.get(key) as number] ?? []),
  };
}

/** Lays what was recorded by longer periods on the drawn ones. */
function laid(
  gathered: Gathered,
  { grain }: FrameRequest,
  recorded: Grain,
  within: Within | null,
): Gathered {
  if (!within) return gathered;
  const periods = periodsWithin(gathered.periods, recorded, grain);
  const values = gathered.values.map((figures) =>
    layWithin({ periods: gathered.periods, figures, grain: recorded }, periods, grain, within),
  );
  return { ...gathered, periods, values };
}

/** What counts the rows of a column that holds no figures, or of none. */
function countingOnly({ aggregate }: FrameRequest, column: Column | null) {
  const { ofOthers, ofRows } = aggregateKind(aggregate);
  if (ofOthers && (ofRows || column)) return ofOthers;
  throw new ProblemError({
    code: 'column-unusable',
    sentence: column
      ? `“${column.name}” holds no figures, so it can only be counted. Choose count, or another column.`
      : `Choose the column to take the ${aggregate} of.`,
    place: { field: 'column' },
  });
}

/**
 * The columns that a request looks at.
 * @returns names, each once
 */
export function columnsAsked(request: FrameRequest): string[] {
  const { date, column, splitBy, colourBy = null, filters = [], axisColumn = null } = request;
  const names = [
    axisColumn?.column ?? date,
    axisColumn?.by?.column ?? null,
    column,
    splitBy,
    colourBy,
    ...filters.flatMap((filter) => columnsCompared(filterKind(filter).compares(filter))),
  ];
  return [...new Set(names.filter((name) => name !== null))];
}

/** The source is complete up to its last figure, as its dates tell. */
function completeTo(dates: DateColumn, column: Column | null): Day | null {
  const last = lastDayWithFigure(dates, column);
  if (last === null) return null;
  const reached = dates.distinct.filter((day) => day <= last);
  return recordingOf(reached, dates.writtenAs).completeTo;
}

function lastDayWithFigure(dates: DateColumn, column: Column | null): Day | null {
  const { days, distinct } = dates;
  if (column?.kind !== 'number' || column.blanks === 0) return distinct.at(-1) ?? null;
  let last = missingDay;
  for (let row = 0; row < days.length; row += 1) {
    const day = days[row] as Day;
    if (day > last && !Number.isNaN(column.values[row])) last = day;
  }
  return last === missingDay ? null : last;
}
