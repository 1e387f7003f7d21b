import { array, boolean, object, string } from 'yup';
import { type Cell, cellText, isBlank, recogniseColumn } from '../../table';
import { ProblemError } from '../../values';
import {
  type Emit,
  placeOf,
  type Row,
  countRows,
  sayNames,
  type Sheet,
  type StepBase,
  type StepKind,
} from '../step';

/** Gives each measure a column of its own where a column of words names the measure of each row. */
export interface SpreadStep extends StepBase {
  kind: 'spread';
  /** the column that names the measure */
  measure: string;
  /** the column with its figure */
  value: string;
  /** the measures, each of which becomes a column */
  words: string[];
}

/** Rows that wait for their other measures; beyond that the first go on as they are. */
const mostHeld = 50_000;
const mostMeasures = 40;

export const spread: StepKind<SpreadStep> = {
  kind: 'spread',
  name: 'Give each measure a column',
  schema: () =>
    object({
      id: string().required(),
      kind: string<'spread'>().oneOf(['spread']).required(),
      off: boolean(),
      measure: string().required().max(200),
      value: string().required().max(200),
      words: array(string().required().max(190)).min(1).max(mostMeasures).required(),
    }),
  draft: ([measure = '', value = '']) => ({ measure, value, words: [] }),
  say: ({ measure, value, words }) => [
    'Give each of ',
    { field: 'words', text: sayNames(words), choose: { as: 'words' } },
    ' in ',
    { field: 'measure', text: `“${measure}”`, choose: { as: 'column' } },
    ' a column of its own, with its figure from ',
    { field: 'value', text: `“${value}”`, choose: { as: 'column' } },
  ],
  begin(step, columns) {
    const at = { measure: placeOf(columns, step.measure), value: placeOf(columns, step.value) };
    const kept = columns
      .map((_, place) => place)
      .filter((place) => place !== at.measure && place !== at.value);
    const keptNames = kept.map((place) => columns[place] as string);
    const taken = step.words.find((word) => keptNames.includes(word));
    if (taken !== undefined)
      throw new ProblemError({
        code: 'name-taken',
        sentence: `There is a column “${taken}” already. Rename it first.`,
        place: { column: taken },
      });
    const held = new HeldRows(step.words.length);
    const unknown = new Map<string, number>();
    return {
      columns: [...keptNames, ...step.words],
      push: ({ number, cells }, emit) => {
        const word = cellText(cells[at.measure] ?? '').trim();
        const place = step.words.indexOf(word);
        if (place < 0) return void unknown.set(word, (unknown.get(word) ?? 0) + 1);
        const before = kept.map((each) => cells[each] ?? '');
        held.put(number, before, place, cells[at.value] ?? '', emit);
      },
      end: (emit) => held.letGo(emit),
      remark: () => sayUnknown(unknown),
    };
  },
  suggest: suggestSpread,
  offered: true,
};

function sayUnknown(unknown: ReadonlyMap<string, number>): string | null {
  if (unknown.size === 0) return null;
  const words = [...unknown.keys()].slice(0, 4).map((word) => `“${word}”`);
  const rows = [...unknown.values()].reduce((sum, count) => sum + count, 0);
  return `${countRows(rows)} of other measures left out: ${words.join(', ')}`;
}

/** Rows that agree in everything but the measure become one. */
class HeldRows {
  private readonly rows = new Map<string, Row & { cells: Cell[] }>();

  constructor(private readonly measures: number) {}

  put(number: number, before: readonly Cell[], place: number, value: Cell, emit: Emit) {
    const key = JSON.stringify(before);
    let row = this.rows.get(key);
    // A second figure of the same measure begins another row: nothing is lost.
    if (row && row.cells[before.length + place] !== '') {
      this.rows.delete(key);
      emit(row);
      row = undefined;
    }
    if (!row) {
      row = { number, cells: [...before, ...Array<Cell>(this.measures).fill('')] };
      this.rows.set(key, row);
    }
    row.cells[before.length + place] = value;
    if (this.rows.size > mostHeld) this.letGoFirst(emit);
  }

  letGo(emit: Emit) {
    this.rows.forEach(emit);
    this.rows.clear();
  }

  private letGoFirst(emit: Emit) {
    for (const [key, row] of this.rows) {
      this.rows.delete(key);
      return emit(row);
    }
  }
}

const measureName =
  /^(measure|metric|kpi|indicator|variable|figure|kennzahl|indicateur)s?( name)?$/i;

/** A column that is named as one of measures, and the only column of figures. */
function suggestSpread({ columns, rows }: Sheet): Omit<SpreadStep, 'id' | 'kind'>[] {
  const measure = columns.find((name) => measureName.test(name.trim()));
  if (measure === undefined) return [];
  const cellsOf = (name: string) => rows.map((cells) => cells[columns.indexOf(name)] ?? '');
  const numbers = columns.filter(
    (name) =>
      recogniseColumn(name, cellsOf(name), '.').kind === 'number' ||
      recogniseColumn(name, cellsOf(name), ',').kind === 'number',
  );
  const words = [...new Set(cellsOf(measure).map((cell) => cellText(cell).trim()))].filter(
    (word) => !isBlank(word),
  );
  const value = numbers.length === 1 ? numbers[0] : undefined;
  if (value === undefined || words.length < 2 || words.length > mostMeasures) return [];
  return [{ measure, value, words }];
}
