import { array, boolean, object, string } from 'yup';
import { type Cell, cellText } from '../../table';
import { countRows, placeOf, sayNames, type Sheet, type StepBase, type StepKind } from '../step';
import { beganAsTotal, findTotalRows, type FoundTotals, mostCompared, namesTotal } from '../totals';

/** Leaves out the rows that add others up. */
export interface TotalsStep extends StepBase {
  kind: 'totals';
  /** where the row says that it is a total */
  column: string;
  /** what it says there; null: whatever begins with total, sum or the like */
  words: string[] | null;
}

export const totals: StepKind<TotalsStep> = {
  kind: 'totals',
  name: 'Leave out total rows',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'totals'>().oneOf(['totals']).required(),
      off: boolean(),
      column: string().required().max(200),
      words: array(string().defined().max(500)).max(500).nullable().defined().default(null),
    }),
  draft: ([column = '']) => ({ column, words: null }),
  say: ({ column, words }) => [
    'Leave out total rows, where ',
    { field: 'column', text: `“${column}”`, choose: { as: 'column' } },
    ' ',
    {
      field: 'words',
      text: words === null ? 'begins with total, sum or the like' : sayWords(words),
      choose: { as: 'words' },
    },
  ],
  begin({ column, words }, columns) {
    const place = placeOf(columns, column);
    const own = new Set(words);
    const isTotal = (cell: Cell) =>
      words === null ? beganAsTotal(cell) : own.has(cellText(cell).trim());
    let left = 0;
    const met = new Set<string>();
    return {
      columns,
      push: (row, emit) => {
        const cell = row.cells[place] ?? '';
        if (!isTotal(cell)) return emit(row);
        left += 1;
        if (met.size < 4) met.add(cellText(cell).trim() || 'blank');
      },
      remark: () => `${countRows(left)} left out${left ? `: ${[...met].join(', ')}` : ''}`,
    };
  },
  looksAt: mostCompared,
  weigh(sheet, { writing, whole }) {
    const { sure, doubtful } = findTotalRows(sheet, writing.decimalMark, whole);
    return { sure, doubtful: doubtful.map(({ why, ...step }) => ({ step, why })) };
  },
  covers: (kept, suggested) =>
    kept.column === suggested.column &&
    (suggested.words ?? []).every((word) =>
      kept.words === null ? beganAsTotal(word) : kept.words.includes(word),
    ),
  merge: (kept, { column, words }) =>
    kept.column === column && kept.words && words
      ? { ...kept, words: [...new Set([...kept.words, ...words])] }
      : null,
  revises(kept, { writing, whole }, sheet) {
    const unfounded = unfoundedOf(kept, findTotalRows(sheet, writing.decimalMark, whole), sheet);
    if (unfounded.length === 0) return null;
    const words = (kept.words ?? []).filter((word) => !unfounded.includes(word));
    const are = unfounded.length === 1 ? 'is no sum' : 'are no sums';
    return {
      step: { ...kept, words },
      why: `${sayNames(unfounded)} ${are} of others in this file`,
    };
  },
};

/** Words that name no total by themselves, of rows that are sums of others no more. */
function unfoundedOf({ column, words }: TotalsStep, found: FoundTotals, sheet: Sheet): string[] {
  const place = sheet.columns.indexOf(column);
  const told = new Set(
    [...found.sure, ...found.doubtful].flatMap((each) =>
      each.column === column ? each.words : [],
    ),
  );
  const silent = (words ?? []).filter((word) => !namesTotal(word) && !told.has(word));
  if (place < 0 || silent.length === 0) return [];
  const standing = new Set(sheet.rows.map((row) => cellText(row[place] ?? '').trim()));
  return silent.filter((word) => standing.has(word));
}

function sayWords(words: readonly string[]): string {
  if (words.length === 0) return 'says no word yet';
  return words.length === 1 && words[0] === '' ? 'is blank' : `says ${sayNames(words)}`;
}
