import { formatDay } from '../../core/calendar';
import type { CellValue } from '../../core/table';
import type { StoredColumn } from '../database';

/** How many rows a source's page shows. */
export const previewRows = 8;

/** A row as text, figures with the decimals of their column; null where a cell is blank. */
export const rowAsText = (
  cells: readonly CellValue[],
  columns: readonly Pick<StoredColumn, 'kind' | 'digits' | 'decimals'>[],
): (string | null)[] =>
  columns.map(({ kind, digits = 0, decimals }, place) => {
    const value = cells[place] ?? null;
    if (value === null) return null;
    if (kind === 'date') return formatDay(Number(value));
    return kind === 'number' && digits > 0 ? Number(value).toFixed(decimals) : String(value);
  });
