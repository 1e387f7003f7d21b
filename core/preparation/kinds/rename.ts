import { boolean, object, string } from 'yup';
import { ProblemError } from '../../values';
import { placeOf, type StepBase, type StepKind } from '../step';

/** Gives a column another name. */
export interface RenameStep extends StepBase {
  kind: 'rename';
  column: string;
  name: string;
}

export const rename: StepKind<RenameStep> = {
  kind: 'rename',
  name: 'Rename a column',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'rename'>().oneOf(['rename']).required(),
      off: boolean(),
      column: string().required().max(200),
      name: string().trim().required('Write the new name.').max(190),
    }),
  draft: ([column = '']) => ({ column, name: `${column} renamed` }),
  say: ({ column, name }) => [
    'Rename ',
    { field: 'column', text: `“${column}”`, choose: { as: 'column' } },
    ' to ',
    { field: 'name', text: `“${name}”`, choose: { as: 'text' } },
  ],
  begin({ column, name }, columns) {
    const place = placeOf(columns, column);
    if (name !== column && columns.includes(name))
      throw new ProblemError({
        code: 'name-taken',
        sentence: `There is a column “${name}” already. Write another name.`,
        place: { column: name },
      });
    return {
      columns: columns.map((each, at) => (at === place ? name : each)),
      push: (row, emit) => emit(row),
    };
  },
};
