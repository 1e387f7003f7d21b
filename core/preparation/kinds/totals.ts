import { boolean, object, string } from 'yup';
import { type Cell, cellText } from '../../table';
import { countRows, placeOf, type StepBase, type StepKind } from '../step';

/** Leaves out the rows that add others up. */
export interface TotalsStep extends StepBase {
  kind: 'totals';
  /** where the row says that it is a total */
  column: string;
}

const totalWord =
  /^(grand |sub-?)?(total|sum|summe|gesamt|insgesamt|zwischensumme|somme|totaal|totale|suma)s?\b/i;

/** Whether a text names a total. */
export const namesTotal = (cell: Cell) => totalWord.test(cellText(cell).trim());

export const totals: StepKind<TotalsStep> = {
  kind: 'totals',
  name: 'Leave out total rows',
  shape: object({
    id: string().required(),
    kind: string<'totals'>().oneOf(['totals']).required(),
    off: boolean(),
    column: string().required().max(200),
  }),
  draft: ([column = '']) => ({ column }),
  say: ({ column }) => [
    'Leave out total rows, where ',
    { field: 'column', text: `“${column}”`, choose: { as: 'column' } },
    ' begins with total, sum or the like',
  ],
  begin({ column }, columns) {
    const place = placeOf(columns, column);
    let left = 0;
    const words = new Set<string>();
    return {
      columns,
      push: (row, emit) => {
        const cell = row.cells[place] ?? '';
        if (!namesTotal(cell)) return emit(row);
        left += 1;
        if (words.size < 4) words.add(cellText(cell).trim());
      },
      remark: () => `${countRows(left)} left out${left ? `: ${[...words].join(', ')}` : ''}`,
    };
  },
  suggest({ columns, rows }) {
    const place = columns.findIndex((_, at) => {
      const found = rows.filter((cells) => namesTotal(cells[at] ?? '')).length;
      // Where nearly every row says so it is the name of a measure.
      return found > 0 && found <= rows.length / 2;
    });
    return place < 0 ? [] : [{ column: columns[place] as string }];
  },
};
