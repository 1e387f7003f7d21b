import { array, boolean, object, string } from 'yup';
import { placeOf, sayNames, type StepBase, type StepKind } from '../step';

import { findTotalColumns, mostCompared } from '../totals';

/** Keeps some columns, or leaves some out. */
export interface ColumnsStep extends StepBase {
  kind: 'columns';
  keep: boolean;
  columns: string[];
}

export const columnsKind: StepKind<ColumnsStep> = {
  kind: 'columns',
  name: 'Keep or leave out columns',
  schema: () =>
    object({
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
    // What is left out need not be there; what is kept must.
    const places = keep
      ? named.map((name) => placeOf(columns, name))
      : named.map((name) => columns.indexOf(name));
    const kept = columns
      .map((_, place) => place)
      .filter((place) => places.includes(place) === keep);
    return {
      columns: kept.map((place) => columns[place] as string),
      push: ({ number, cells }, emit) =>
        emit({ number, cells: kept.map((place) => cells[place] ?? '') }),
    };
  },
  looksAt: mostCompared,
  weigh(sheet, { writing }) {
    const found = findTotalColumns(sheet, writing.decimalMark);
    const leaveOut = (columns: string[]) => (columns.length > 0 ? [{ keep: false, columns }] : []);
    const why = 'They say that they are totals, and their figures are no sums of others';
    const doubtful = leaveOut(found.doubtful).map((step) => ({ step, why }));
    return { sure: leaveOut(found.sure), doubtful };
  },
  covers: (kept, suggested) =>
    !kept.keep && suggested.columns.every((name) => kept.columns.includes(name)),
  merge: (kept, { columns }) =>
    kept.keep ? null : { ...kept, columns: [...new Set([...kept.columns, ...columns])] },
};
