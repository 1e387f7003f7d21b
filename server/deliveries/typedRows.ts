import type { WholeForm } from '../../contract';
import { prepare, type PreparationContext, type Prepared } from '../../core/preparation';
import { type Cell, cellReader, cellText, type CellValue, doubtful } from '../../core/table';
import { ProblemError } from '../../core/values';
import { settings } from '../settings';

/** A row of the table that a file becomes; doubtful cells are blank and named beside. */
export interface TypedRow {
  /** where it stands in the file, counted from 1 */
  number: number;
  cells: readonly Cell[];
  values: CellValue[];
  doubtful: { column: string; text: string }[];
}

const none: TypedRow['doubtful'] = [];

/**
 * Makes the way from the rows of a file to typed rows: through its preparation, and each cell by what
 * its column is understood to be.
 * @throws ProblemError when more rows come out than can be brought in
 */
export function typedRows(
  form: WholeForm,
  context: PreparationContext,
  take: (row: TypedRow) => void,
): Prepared {
  const { columns } = form;
  const readers = columns.map((column) => cellReader(column, context.writing));
  let rows = 0;
  let beyond = '';
  const prepared = prepare(form.steps, context, ({ number, cells }) => {
    rows += 1;
    if (rows > settings.rowsOfVersion) throw tooManyRows();
    let odd = none;
    const list = (column: string, text: string) => (odd = [...odd, { column, text }]);
    const values: CellValue[] = [];
    for (let place = 0; place < readers.length; place += 1) {
      const cell = cells[place] ?? '';
      const value = readers[place]?.(cell) ?? null;
      if (value === doubtful) list(columns[place]?.name ?? '', cellText(cell));
      values.push(value === doubtful ? null : value);
    }
    if (beyond) list('beyond the last column', beyond);
    take({ number, cells, values, doubtful: odd });
  });
  return {
    ...prepared,
    push: (row) => {
      // Of a row that is left out nothing is told with the next.
      beyond = textBeyond(row.cells, prepared.width);
      prepared.push(row);
    },
  };
}

/** What stands in a row beyond its last column. */
const textBeyond = (cells: readonly Cell[], width: number) =>
  cells.length <= width
    ? ''
    : cells
        .slice(width)
        .map((cell) => cellText(cell).trim())
        .filter(Boolean)
        .join(' ');

function tooManyRows() {
  const most = settings.rowsOfVersion.toLocaleString('en-GB');
  return new ProblemError({
    code: 'too-many-rows',
    sentence: `The file has more than ${most} rows. Bring it in as several files.`,
  });
}
