import type { Changes, ShownRow } from '../../contract';
import { formatDay } from '../../core/calendar';
import type { CellValue, ColumnKind } from '../../core/table';

/** So many rows are shown of those that come, go or change. */
export const mostExamples = 5;

/** What a delivery would change, but for the charts that it would touch. */
export type RowChanges = Omit<Changes, 'charts' | 'meanings' | 'builtOn'>;

/** What of that is found by comparing rows. */
export type RowCounts = Pick<
  RowChanges,
  'keys' | 'columns' | 'standing' | 'added' | 'removed' | 'changed'
>;

/** A row as it is shown. */
export const shownRow = (
  row: readonly CellValue[],
  columns: readonly { kind: ColumnKind }[],
): ShownRow =>
  row.map((value, place) => {
    if (value === null) return null;
    return columns[place]?.kind === 'date' && typeof value === 'number'
      ? formatDay(value)
      : String(value);
  });

interface NamedColumn {
  name: string;
  kind: ColumnKind;
}

/** The columns that a delivery brings, lacks, or holds something else in. */
export function columnChanges(
  standing: readonly NamedColumn[],
  delivered: readonly NamedColumn[],
): Pick<Changes, 'newColumns' | 'goneColumns' | 'retyped'> {
  const find = (columns: readonly NamedColumn[], wanted: string) =>
    columns.find(({ name }) => name === wanted);
  return {
    newColumns: delivered.map(({ name }) => name).filter((name) => !find(standing, name)),
    goneColumns: standing.map(({ name }) => name).filter((name) => !find(delivered, name)),
    retyped: standing.flatMap(({ name, kind }) => {
      const now = find(delivered, name);
      return now && now.kind !== kind ? [{ column: name, from: kind, to: now.kind }] : [];
    }),
  };
}
