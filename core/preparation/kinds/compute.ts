import { boolean, object, string } from 'yup';
import { isProblem, longestFormula, readFormula, writtenName } from '../../formula';
import { cellFigure } from '../../table';
import { ProblemError } from '../../values';
import { countRows, freshName, type StepBase, type StepKind } from '../step';

/** Adds a column that is worked out from a row's own cells. */
export interface ComputeStep extends StepBase {
  kind: 'compute';
  name: string;
  formula: string;
}

export const compute: StepKind<ComputeStep> = {
  kind: 'compute',
  name: 'Work out a column',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'compute'>().oneOf(['compute']).required(),
      off: boolean(),
      name: string().trim().required('Write the name of the column.').max(190),
      formula: string().required('Write a formula.').max(longestFormula),
    }),
  draft: (columns) => ({
    name: freshName('Computed', columns),
    formula: `${writtenName(columns.at(-1) ?? '')} * 1`,
  }),
  say: ({ name, formula }) => [
    'Work out ',
    { field: 'name', text: `“${name}”`, choose: { as: 'text' } },
    ' in each row as ',
    { field: 'formula', text: formula, choose: { as: 'formula' } },
  ],
  begin({ name, formula }, columns, { writing }) {
    const read = readFormula(formula, columns);
    if (isProblem(read)) throw new ProblemError({ ...read, place: { field: 'formula' } });
    if (columns.includes(name))
      throw new ProblemError({
        code: 'name-taken',
        sentence: `There is a column “${name}” already. Write another name.`,
        place: { column: name },
      });
    const places = new Map(read.names.map((each) => [each, columns.indexOf(each)]));
    let beyond = 0;
    const onBeyond = () => (beyond += 1);
    return {
      columns: [...columns, name],
      remark: () =>
        beyond === 0
          ? null
          : `beyond the range of figures, and so missing, in ${countRows(beyond)}`,
      push: ({ number, cells }, emit) => {
        const figureOf = (each: string) =>
          cellFigure(cells[places.get(each) ?? -1] ?? '', writing.decimalMark);
        const found = read.evaluate(figureOf, onBeyond);
        const whole = columns.map((_, place) => cells[place] ?? '');
        emit({ number, cells: [...whole, found ?? ''] });
      },
    };
  },
};
