import { boolean, mixed, number, object, string } from 'yup';
import { cellFigure } from '../../table';
import { countRows, placeOf, type StepBase, type StepKind } from '../step';

const comparisons = {
  'at least': (figure: number, limit: number) => figure >= limit,
  'at most': (figure: number, limit: number) => figure <= limit,
  over: (figure: number, limit: number) => figure > limit,
  under: (figure: number, limit: number) => figure < limit,
  exactly: (figure: number, limit: number) => figure === limit,
  not: (figure: number, limit: number) => figure !== limit,
} as const;
type Comparison = keyof typeof comparisons;

/** Keeps the rows whose figure compares as said; a row without a figure is left out. */
export interface RowsByFigureStep extends StepBase {
  kind: 'rowsByFigure';
  column: string;
  comparison: Comparison;
  limit: number;
}

export const rowsByFigure: StepKind<RowsByFigureStep> = {
  kind: 'rowsByFigure',
  name: 'Keep rows by a figure',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'rowsByFigure'>().oneOf(['rowsByFigure']).required(),
      off: boolean(),
      column: string().required().max(200),
      comparison: mixed<Comparison>()
        .oneOf(Object.keys(comparisons) as Comparison[])
        .required(),
      limit: number().required(),
    }),
  draft: (columns) => ({ column: columns.at(-1) ?? '', comparison: 'at least', limit: 0 }),
  say: ({ column, comparison, limit }) => [
    'Keep only the rows whose ',
    { field: 'column', text: `“${column}”`, choose: { as: 'column' } },
    ' is ',
    {
      field: 'comparison',
      text: comparison,
      choose: {
        as: 'one',
        of: Object.keys(comparisons).map((each) => ({ value: each, label: each })),
      },
    },
    ' ',
    { field: 'limit', text: String(limit), choose: { as: 'number' } },
  ],
  begin({ column, comparison, limit }, columns, { writing }) {
    const place = placeOf(columns, column);
    let left = 0;
    return {
      columns,
      push: (row, emit) => {
        const figure = cellFigure(row.cells[place] ?? '', writing.decimalMark);
        if (figure !== null && comparisons[comparison](figure, limit)) emit(row);
        else left += 1;
      },
      remark: () => `${countRows(left)} left out`,
    };
  },
};
