import { type DateColumn, missingDay, type Table } from '../table';
import { rowTest } from './comparisons';
import { filterKind } from './filters';
import type { FrameRequest } from './frame';

/** Only the dates of rows that every filter keeps; of others they are missing. */
export function filteredDates(table: Table, request: FrameRequest, dates: DateColumn): DateColumn {
  if (!request.filters?.length) return dates;
  const keeps = rowsKept(table, request);
  const days = dates.days.map((day, row) => (keeps(row) ? day : missingDay));
  const seen = new Set(days);
  return { ...dates, days, distinct: dates.distinct.filter((day) => seen.has(day)) };
}

/**
 * Whether every filter keeps a row.
 * @throws ProblemError when a column is gone or holds another kind of thing
 */
export function rowsKept(
  table: Table,
  { filters = [] }: Pick<FrameRequest, 'filters'>,
): (row: number) => boolean {
  const tests = filters.map((filter) => rowTest(table, filterKind(filter).compares(filter)));
  return (row) => tests.every((keeps) => keeps(row));
}
