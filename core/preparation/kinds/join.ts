import { array, boolean, number, object, string } from 'yup';
import { type Cell, cellText } from '../../table';
import { ProblemError } from '../../values';
import { freshName, placeOf, sayNames, type StepBase, type StepKind } from '../step';

/** Adds columns of another source, looked up by a key. */
export interface JoinStep extends StepBase {
  kind: 'join';
  sourceId: number;
  /** the column that holds the key here */
  key: string;
  /** the column that holds it in the other source */
  lookupKey: string;
  /** the columns that are taken from it */
  take: string[];
}

export const join: StepKind<JoinStep> = {
  kind: 'join',
  name: 'Look up columns in another source',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'join'>().oneOf(['join']).required(),
      off: boolean(),
      sourceId: number().integer().positive().required(),
      key: string().required().max(200),
      lookupKey: string().required().max(200),
      take: array(string().required().max(200)).min(1).max(50).required(),
    }),
  draft: ([key = '']) => ({ sourceId: 0, key, lookupKey: key, take: [] }),
  say: ({ sourceId, key, lookupKey, take }) => [
    'Look up ',
    { field: 'take', text: sayNames(take), choose: { as: 'columns', of: 'lookup' } },
    ' in ',
    {
      field: 'sourceId',
      text: sourceId ? `source ${sourceId}` : 'a source',
      choose: { as: 'source' },
    },
    ', where its ',
    { field: 'lookupKey', text: `“${lookupKey}”`, choose: { as: 'column', of: 'lookup' } },
    ' is the ',
    { field: 'key', text: `“${key}”`, choose: { as: 'column' } },
    ' of the row',
  ],
  begin({ sourceId, key, lookupKey, take }, columns, { lookups }) {
    const lookup = lookups?.get(sourceId);
    if (!lookup)
      throw new ProblemError({
        code: 'source-gone',
        sentence: 'The source to look up in is gone. Choose another, or switch this sentence off.',
        place: { field: 'sourceId' },
      });
    const place = placeOf(columns, key);
    const from = placeOf(lookup.columns, lookupKey);
    const taken = take.map((name) => placeOf(lookup.columns, name));
    const rows = new Map<string, number>();
    for (let row = 0; row < lookup.rows; row += 1) {
      const word = cellText(lookup.cell(row, from)).trim();
      // The first row of a key counts, so that no row of figures is counted twice.
      if (!rows.has(word)) rows.set(word, row);
    }
    const none: readonly Cell[] = take.map(() => '');
    const unmatched = new Set<string>();
    return {
      columns: [...columns, ...take.map((name) => freshName(name, columns))],
      push: ({ number: row, cells }, emit) => {
        const word = cellText(cells[place] ?? '').trim();
        const found = rows.get(word);
        if (found === undefined && unmatched.size < 1000) unmatched.add(word);
        const whole = columns.map((_, at) => cells[at] ?? '');
        emit({
          number: row,
          cells: [
            ...whole,
            ...(found === undefined ? none : taken.map((at) => lookup.cell(found, at))),
          ],
        });
      },
      remark: () =>
        unmatched.size === 0
          ? `every key has a row in ${lookup.name}`
          : `without a row in ${lookup.name}: ${sayNames([...unmatched], 8)}`,
    };
  },
};
