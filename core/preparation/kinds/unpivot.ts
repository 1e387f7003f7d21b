import { array, boolean, object, string } from 'yup';
import { cellFigure, cellText, isBlank } from '../../table';
import { findPeriod } from '../periodNames';
import { freshName, placeOf, sayNames, type Sheet, type StepBase, type StepKind } from '../step';

/** Turns columns into rows: a wide sheet with periods across becomes a long table. */
export interface UnpivotStep extends StepBase {
  kind: 'unpivot';
  columns: string[];
  /** the new column that holds their names, or the periods in them */
  names: string;
  /** the new column that holds what else their names say; null when they say nothing else */
  rest: string | null;
  /** the new column that holds their cells */
  values: string;
}

export const unpivot: StepKind<UnpivotStep> = {
  kind: 'unpivot',
  name: 'Turn columns into rows',
  shape: object({
    id: string().required(),
    kind: string<'unpivot'>().oneOf(['unpivot']).required(),
    off: boolean(),
    columns: array(string().required().max(200)).min(1).max(500).required(),
    names: string().trim().required().max(190),
    rest: string().trim().min(1).max(190).nullable().defined().default(null),
    values: string().trim().required().max(190),
  }),
  draft: (columns) => ({
    columns: columns.slice(1) as string[],
    ...{ names: 'Name', rest: null, values: 'Value' },
  }),
  say: ({ columns, names, rest, values }) => [
    'Turn the columns ',
    { field: 'columns', text: sayColumns(columns), choose: { as: 'columns' } },
    ' into rows: their names become ',
    { field: 'names', text: `“${names}”`, choose: { as: 'text' } },
    ...(rest === null
      ? []
      : ([' and ', { field: 'rest', text: `“${rest}”`, choose: { as: 'text' } }] as const)),
    ', their cells ',
    { field: 'values', text: `“${values}”`, choose: { as: 'text' } },
  ],
  begin({ columns: named, names, rest, values }, columns) {
    const places = named.map((name) => placeOf(columns, name));
    const kept = columns.map((_, place) => place).filter((place) => !places.includes(place));
    const said = named.map((name) => {
      const found = rest === null ? null : findPeriod(name);
      if (rest !== null) return found ? [found.period, found.rest] : [name, ''];
      return [findPeriod(name)?.rest === '' ? (findPeriod(name)?.period ?? name) : name];
    });
    return {
      columns: [
        ...kept.map((place) => columns[place] as string),
        names,
        ...(rest === null ? [] : [rest]),
        values,
      ],
      push: ({ number, cells }, emit) => {
        const before = kept.map((place) => cells[place] ?? '');
        places.forEach((place, at) =>
          emit({ number, cells: [...before, ...(said[at] ?? []), cells[place] ?? ''] }),
        );
      },
    };
  },
  suggest: (sheet) => suggestUnpivot(sheet),
};

/** “Jan” to “Dec” reads better than twelve names. */
const sayColumns = (columns: readonly string[]) =>
  columns.length > 4
    ? `“${columns[0]}” to “${columns.at(-1)}” (${columns.length})`
    : sayNames(columns);

const kindNames = { date: 'Date', week: 'Week', month: 'Month', quarter: 'Quarter', year: 'Year' };

function suggestUnpivot({ columns, rows }: Sheet): Omit<UnpivotStep, 'id' | 'kind'>[] {
  const found = columns.map((name, place) =>
    holdsFigures(rows.map((cells) => cells[place] ?? '')) ? findPeriod(name) : null,
  );
  const periods = found.flatMap((each, place) => (each ? [{ ...each, place }] : []));
  const [first] = periods;
  const least = periods.every(({ kind }) => kind === 'year') ? 2 : 3;
  if (!first || new Set(periods.map(({ period }) => period)).size < least) return [];
  const named = periods.map(({ place }) => columns[place] as string);
  const others = columns.filter((name) => !named.includes(name));
  const rests = new Set(periods.map(({ rest }) => rest));
  const [only = ''] = rests;
  // One rest for all columns is what their cells are: “Budget Jan”, “Budget Feb”.
  const values = rests.size === 1 && only ? only : 'Value';
  return [
    {
      columns: named,
      names: freshName(kindNames[first.kind], others),
      rest: rests.size > 1 || only ? freshName('Measure', others) : null,
      values: freshName(values, others),
    },
  ];
}

function holdsFigures(cells: readonly (string | number)[]): boolean {
  const present = cells.filter((cell) => !isBlank(cellText(cell)));
  const figures = present.filter((cell) => cellFigure(cell, '.') !== null);
  return figures.length >= 0.8 * present.length;
}
