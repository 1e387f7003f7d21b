import { array, boolean, object, string } from 'yup';
import { cellFigure } from '../../table';
import { placeOf, sayNames, type Sheet, type StepBase, type StepKind } from '../step';
import { findPeriod } from '../periodNames';
import { namesTotal } from './totals';

/** Keeps some columns, or leaves some out. */
export interface ColumnsStep extends StepBase {
  kind: 'columns';
  keep: boolean;
  columns: string[];
}

export const columnsKind: StepKind<ColumnsStep> = {
  kind: 'columns',
  name: 'Keep or leave out columns',
  shape: object({
    id: string().required(),
    kind: string<'columns'>().oneOf(['columns']).required(),
    off: boolean(),
    keep: boolean().required(),
    columns: array(string().required().max(200)).max(500).required(),
  }),
  draft: (columns) => ({ keep: false, columns: columns.slice(-1) as string[] }),
  say: ({ keep, columns }) => [
    {
      field: 'keep',
      text: keep ? 'Keep' : 'Leave out',
      choose: {
        as: 'one',
        of: [
          { value: true, label: 'Keep' },
          { value: false, label: 'Leave out' },
        ],
      },
    },
    keep ? ' only ' : ' ',
    { field: 'columns', text: sayNames(columns), choose: { as: 'columns' } },
  ],
  begin({ keep, columns: named }, columns) {
    const places = named.map((name) => placeOf(columns, name));
    const kept = columns
      .map((_, place) => place)
      .filter((place) => places.includes(place) === keep);
    return {
      columns: kept.map((place) => columns[place] as string),
      push: ({ number, cells }, emit) =>
        emit({ number, cells: kept.map((place) => cells[place] ?? '') }),
    };
  },
  suggest(sheet) {
    const named = sheet.columns.filter((name, place) => isTotalColumn(sheet, name, place));
    return named.length > 0 && named.length < sheet.columns.length
      ? [{ keep: false, columns: named }]
      : [];
  },
};

/** A column that is named a total and adds up the figures left of it, or stands among periods. */
function isTotalColumn({ columns, rows }: Sheet, name: string, place: number): boolean {
  const ending = name.split(' / ').at(-1) ?? name;
  if (!namesTotal(name) && !namesTotal(ending)) return false;
  if (columns.filter((each) => findPeriod(each)).length >= 3) return true;
  const sums = rows.map((cells) => {
    const parts = cells.slice(1, place).flatMap((cell) => cellFigure(cell, '.') ?? []);
    const total = cellFigure(cells[place] ?? '', '.');
    const sum = parts.reduce((left, right) => left + right, 0);
    return parts.length > 1 && total !== null && Math.abs(sum - total) <= 1e-6 * Math.abs(total);
  });
  return sums.length > 0 && sums.filter(Boolean).length >= 0.9 * sums.length;
}
