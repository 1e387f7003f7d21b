import { array, boolean, object, string } from 'yup';
import { type Cell, cellText, isBlank, readNumber } from '../../table';
import { placeOf, sayNames, type StepBase, type StepKind } from '../step';

/** Fills blank cells with what stands above them, where a name is written once for several rows. */
export interface FillDownStep extends StepBase {
  kind: 'fillDown';
  columns: string[];
}

export const fillDown: StepKind<FillDownStep> = {
  kind: 'fillDown',
  name: 'Fill blanks from above',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'fillDown'>().oneOf(['fillDown']).required(),
      off: boolean(),
      columns: array(string().required().max(200)).max(200).required(),
    }),
  draft: (columns) => ({ columns: columns.slice(0, 1) as string[] }),
  say: ({ columns }) => [
    'Fill the blanks of ',
    { field: 'columns', text: sayNames(columns), choose: { as: 'columns' } },
    ' from the row above',
  ],
  begin({ columns: named }, columns) {
    const places = named.map((name) => placeOf(columns, name));
    const last = new Map<number, Cell>();
    let filled = 0;
    return {
      columns,
      push: ({ number, cells }, emit) => {
        const full = [...cells];
        for (const place of places) {
          const cell = full[place] ?? '';
          if (!isBlank(cellText(cell))) last.set(place, cell);
          else if (last.has(place)) {
            full[place] = last.get(place) as Cell;
            filled += 1;
          }
        }
        emit({ number, cells: full });
      },
      remark: () => `${filled.toLocaleString('en-GB')} cells filled`,
    };
  },
  /** The first column, when it names groups of rows: blank in half of them, and words otherwise. */
  suggest({ columns, rows }) {
    const [name] = columns;
    const texts = rows.map((cells) => cellText(cells[0] ?? ''));
    const blank = texts.filter((text) => isBlank(text)).length;
    const words = texts.filter((text) => !isBlank(text));
    const fits =
      words.length > 1 &&
      texts[0] !== '' &&
      blank >= texts.length / 2 &&
      words.every((text) => readNumber(text, '.') === null || /^\d{4}$/.test(text)) &&
      rows.every((cells) => cells.slice(1).some((cell) => !isBlank(cellText(cell))));
    return fits && name !== undefined && !isBlank(texts[0] ?? '') ? [{ columns: [name] }] : [];
  },
};
