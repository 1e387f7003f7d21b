import { array, boolean, object, string } from 'yup';
import { cellText } from '../../table';
import { countRows, placeOf, sayNames, type StepBase, type StepKind } from '../step';

/** Keeps the rows with some words in a column, or leaves them out. */
export interface RowsStep extends StepBase {
  kind: 'rows';
  column: string;
  keep: boolean;
  words: string[];
}

export const rowsKind: StepKind<RowsStep> = {
  kind: 'rows',
  name: 'Keep or leave out rows by a word',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'rows'>().oneOf(['rows']).required(),
      off: boolean(),
      column: string().required().max(200),
      keep: boolean().required(),
      words: array(string().defined().max(500)).max(500).required(),
    }),
  draft: ([column = '']) => ({ column, keep: false, words: [] }),
  say: ({ column, keep, words }) => [
    {
      field: 'keep',
      text: keep ? 'Keep only' : 'Leave out',
      choose: {
        as: 'one',
        of: [
          { value: true, label: 'Keep only' },
          { value: false, label: 'Leave out' },
        ],
      },
    },
    ' the rows with ',
    { field: 'words', text: sayNames(words), choose: { as: 'words' } },
    ' in ',
    { field: 'column', text: `“${column}”`, choose: { as: 'column' } },
  ],
  begin({ column, keep, words }, columns) {
    const place = placeOf(columns, column);
    const wanted = new Set(words.map((word) => word.trim()));
    let left = 0;
    return {
      columns,
      push: (row, emit) => {
        if (wanted.has(cellText(row.cells[place] ?? '').trim()) === keep) emit(row);
        else left += 1;
      },
      remark: () => `${countRows(left)} left out`,
    };
  },
};
