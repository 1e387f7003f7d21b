import { type Day, recordingOf } from '../calendar';
import { type Column, type DateColumn, missingDay, type Table, type TextColumn } from '../table';
import { ProblemError } from '../values';
import { aggregateNumbers, aggregateOthers } from './aggregators';
import { divides, type Frame, type FrameRequest } from './frame';
import { groupRows } from './groups';

/** A split into more words than this is no chart. */
export const mostKeys = 200;

/**
 * Aggregates a table to the drawn period.
 * @throws ProblemError when a column is gone or of the wrong kind, or the split has too many words
 */
export function aggregate(table: Table, request: FrameRequest): Frame {
  const dates = columnOf(table, request.date, 'date');
  const split = request.splitBy === null ? null : columnOf(table, request.splitBy, 'text');
  if (split && split.words.length > mostKeys) {
    throw new ProblemError({
      code: 'split-too-fine',
      sentence: `“${split.name}” has ${split.words.length} different words; a split may have ${mostKeys} at most. Choose a coarser column.`,
      place: { column: split.name },
    });
  }
  const groups = groupRows(dates, split, request.grain);
  const column = request.column === null ? null : columnOf(table, request.column);
  const figures =
    column?.kind === 'number'
      ? aggregateNumbers(request.aggregate, groups, column)
      : aggregateOthers(countingOnly(request, column), groups, column);
  const { periods, words } = groups;
  const sorted = words
    .map((_, code) => code)
    .sort((a, b) => (at(words, a) < at(words, b) ? -1 : 1));
  return {
    periods,
    keys: sorted.map((code) => at(words, code)),
    values: sorted.map((code) =>
      periods.map((_, period) => orNull(figures[period * words.length + code] as number)),
    ),
    exact: !divides(request.aggregate),
    completeTo: completeTo(dates, column),
    recordedGrain: recordingOf(dates.distinct).by,
  };
}

const at = (words: readonly string[], code: number) => words[code] as string;
const orNull = (figure: number) => (Number.isNaN(figure) ? null : figure);

function columnOf(table: Table, name: string, kind: 'date'): DateColumn;
function columnOf(table: Table, name: string, kind: 'text'): TextColumn;
function columnOf(table: Table, name: string): Column;
function columnOf(table: Table, name: string, kind?: Column['kind']): Column {
  const column = table.columns.find((candidate) => candidate.name === name);
  if (column && (!kind || column.kind === kind)) return column;
  const wanted = kind === 'date' ? 'dates' : kind === 'text' ? 'words' : 'figures';
  throw new ProblemError({
    code: 'column-unusable',
    sentence: column
      ? `The column “${name}” does not hold ${wanted}. Choose another column.`
      : `The source has no column “${name}” any more. Choose another column, or bring in a file that has it.`,
    place: { column: name },
  });
}

function countingOnly(request: FrameRequest, column: Column | null): 'count' | 'distinct' {
  const { aggregate } = request;
  if (aggregate === 'count' || (aggregate === 'distinct' && column)) return aggregate;
  throw new ProblemError({
    code: 'column-unusable',
    sentence: column
      ? `“${column.name}” holds no figures, so it can only be counted. Choose count, or another column.`
      : `Choose the column to take the ${aggregate} of.`,
    place: { field: 'column' },
  });
}

/** The source is complete up to its last figure, as its dates tell. */
function completeTo(dates: DateColumn, column: Column | null): Day | null {
  const last = lastDayWithFigure(dates, column);
  if (last === null) return null;
  return recordingOf(dates.distinct.filter((day) => day <= last)).completeTo;
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
