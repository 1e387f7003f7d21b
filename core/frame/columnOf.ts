import type { Column, DateColumn, NumberColumn, Table, TextColumn } from '../table';
import { ProblemError } from '../values';

/**
 * The column of a table with a name.
 * @param kind what it must hold; left out: anything
 * @throws ProblemError when it is gone or holds another kind of thing
 */
export function columnOf(table: Table, name: string, kind: 'date'): DateColumn;
export function columnOf(table: Table, name: string, kind: 'text'): TextColumn;
export function columnOf(table: Table, name: string, kind: 'number'): NumberColumn;
export function columnOf(table: Table, name: string, kind?: Column['kind']): Column;
export function columnOf(table: Table, name: string, kind?: Column['kind']): Column {
  const column = table.columns.find((candidate) => candidate.name === name);
  if (column && (!kind || column.kind === kind)) return column;
  if (name === '')
    throw new ProblemError({
      code: 'no-dates',
      sentence:
        'This source has no dates. Let its words or its figures stand along the axis, or bring in a file that has dates.',
      place: {},
    });
  const wanted = kind === 'date' ? 'dates' : kind === 'text' ? 'words' : 'figures';
  throw new ProblemError({
    code: 'column-unusable',
    sentence: column
      ? `The column “${name}” does not hold ${wanted}. Choose another column.`
      : `The source has no column “${name}” any more. Choose another column, or bring in a file that has it.`,
    place: { column: name },
  });
}
