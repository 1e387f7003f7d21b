import { array, boolean, mixed, object, string } from 'yup';
import { cellFigure, cellText, isBlank } from '../../table';
import { ProblemError } from '../../values';
import { findPeriod, type PeriodKind, periodKinds, periodsAcross } from '../periodNames';
import {
  type Choice,
  freshName,
  placeOf,
  sayNames,
  type Sheet,
  type StepBase,
  type StepKind,
} from '../step';

/** Turns columns into rows: a wide sheet with periods across becomes a long table. */
export interface UnpivotStep extends StepBase {
  kind: 'unpivot';
  /** the columns by what their names are: periods of this kind; null: those that are named */
  naming: PeriodKind | null;
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
  schema: () =>
    object({
      id: string().required(),
      kind: string<'unpivot'>().oneOf(['unpivot']).required(),
      off: boolean(),
      naming: mixed<PeriodKind>().oneOf(periodKinds).nullable().defined().default(null),
      columns: array(string().required().max(200)).max(500).required(),
      names: string().trim().required().max(190),
      rest: string().trim().min(1).max(190).nullable().defined().default(null),
      values: string().trim().required().max(190),
    }),
  draft: (columns) => ({
    naming: null,
    columns: columns.slice(1) as string[],
    names: 'Name',
    rest: null,
    values: 'Value',
  }),
  say: ({ naming, columns, names, rest, values }) => [
    'Turn the columns ',
    { field: 'naming', text: naming === null ? 'named' : `that name a ${naming}`, choose: namings },
    ...(naming === null
      ? ([' ', { field: 'columns', text: sayColumns(columns), choose: { as: 'columns' } }] as const)
      : []),
    ' into rows: their names become ',
    { field: 'names', text: `“${names}”`, choose: { as: 'text' } },
    ...(rest === null
      ? []
      : ([' and ', { field: 'rest', text: `“${rest}”`, choose: { as: 'text' } }] as const)),
    ', their cells ',
    { field: 'values', text: `“${values}”`, choose: { as: 'text' } },
  ],
  begin({ naming, columns: chosen, names, rest, values }, columns) {
    const named = naming === null ? chosen : columns.filter((name) => nameOf(name) === naming);
    if (named.length === 0) throw nothingNamed(naming);
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
      remark: () => (naming === null ? null : sayColumns(named)),
    };
  },
  suggest: (sheet) => suggestUnpivot(sheet),
  covers: (kept, { naming }, { columns }) =>
    naming !== null &&
    (kept.naming === naming ||
      columns.every((name) => (nameOf(name) === naming) === kept.columns.includes(name))),
};

const nameOf = (name: string) => findPeriod(name)?.kind ?? null;

const nothingNamed = (naming: PeriodKind | null) =>
  new ProblemError({
    code: 'column-missing',
    sentence:
      naming === null
        ? 'No column is chosen. Choose those whose cells are to stand under one another.'
        : `No column names a ${naming}. Choose another period, or switch this sentence off.`,
  });

const namings: Choice = {
  as: 'one',
  of: [
    { value: null, label: 'named' },
    ...periodKinds.map((kind) => ({ value: kind, label: `that name a ${kind}` })),
  ],
};

/** “Jan” to “Dec” reads better than twelve names. */
const sayColumns = (columns: readonly string[]) =>
  columns.length > 4
    ? `“${columns[0]}” to “${columns.at(-1)}” (${columns.length})`
    : sayNames(columns);

const kindNames = { date: 'Date', week: 'Week', month: 'Month', quarter: 'Quarter', year: 'Year' };

function suggestUnpivot({ columns, rows }: Sheet): Omit<UnpivotStep, 'id' | 'kind'>[] {
  const figures = columns.filter((_, place) =>
    holdsFigures(rows.map((cells) => cells[place] ?? '')),
  );
  const across = periodsAcross(figures);
  const periods = [...across.values()];
  const [first] = periods;
  const least = first?.kind === 'year' ? 2 : 3;
  if (!first || new Set(periods.map(({ period }) => period)).size < least) return [];
  // A name that is a period without holding figures is none of those that are meant.
  const all = columns.filter((name) => nameOf(name) === first.kind);
  const others = columns.filter((name) => !across.has(name));
  const rests = new Set(periods.map(({ rest }) => rest));
  const [only = ''] = rests;
  // One rest for all columns is what their cells are: “Budget Jan”, “Budget Feb”.
  const values = rests.size === 1 && only ? only : 'Value';
  return [
    {
      ...(all.length === across.size
        ? { naming: first.kind, columns: [] }
        : { naming: null, columns: [...across.keys()] }),
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
