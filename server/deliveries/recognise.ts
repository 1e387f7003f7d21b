import {
  bringInLimits,
  type FileForm,
  type Notice,
  type Question,
  titleOf,
  type WholeForm,
} from '../../contract';
import { readDate } from '../../core/calendar';
import {
  type Lookup,
  mostCompared,
  type PreparationContext,
  prepareRows,
  suggestSteps,
} from '../../core/preparation';
import {
  type Cell,
  cellText,
  type ColumnUnderstanding,
  decimalEvidence,
  digitNames,
  isBlank,
  recogniseColumn,
  recogniseDecimalMark,
} from '../../core/table';
import { ProblemError } from '../../core/values';
import type { Sample } from './sample';

/** Rows by which columns are recognised. */
const sampleRows = 2000;

/** The rows of other sources that a preparation may look something up in, by the source's id. */
export type Lookups = ReadonlyMap<number, Lookup>;

/** So many rows are compared with one another, and one more tells whether there are others. */
export const sampledRows = mostCompared + 1;

/**
 * Makes every choice about the rows of a file that nobody has made, and those that were made of a file
 * before and fit nothing in this one; what these are is told in notices.
 * @throws ProblemError when the preparation leaves no rows, or more columns than can be kept
 */
export function recognise(
  given: FileForm & Pick<WholeForm, 'file'>,
  { rows: sample, whole }: Sample,
  lookups: Lookups,
  { fileName, epoch1904 = false }: { fileName: string; epoch1904?: boolean },
) {
  const { decimalMark, notice } = markOf(given, sample.slice(0, sampleRows).flat());
  const zone = given.zone ?? 'UTC';
  const missing = given.missing ?? null;
  const context: PreparationContext = {
    writing: { decimalMark, zone, missing },
    firstRows: sample.slice(0, mostCompared),
    whole: whole && sample.length <= mostCompared,
    title: titleOf(fileName, given.file),
    lookups,
  };
  const kept = given.steps ? { steps: given.steps, seen: given.seen } : null;
  const suggested = suggestSteps(context, kept);
  const { steps, seen } = suggested;
  const sheet = prepareRows(steps, context, sample.slice(0, sampleRows));
  if (sheet.columns.length === 0) throw noRows();
  if (sheet.columns.length > bringInLimits.columns) throw tooManyColumns(sheet.columns.length);
  const cells = new Map(
    sheet.columns.map((name, place) => [name, sheet.rows.map((row) => row[place] ?? '')]),
  );
  const cellsOf = (name: string): Cell[] => cells.get(name) ?? [];
  const settled = given.decimalMark !== undefined;
  const decisions = sheet.columns.map((name): Decided => {
    const recognised = recogniseColumn(name, cellsOf(name), decimalMark, settled);
    const choice = given.columns?.find((column) => column.name === name);
    return choice
      ? decided(recognised, choice, given.ofFileBefore ? cellsOf(name) : [])
      : withNames(inEpoch(recognised, epoch1904), cellsOf(name));
  });
  const columns = decisions.map(({ column }) => column);
  const form: WholeForm = {
    file: given.file,
    decimalMark,
    zone,
    missing,
    steps,
    seen,
    columns,
    completeTo: given.completeTo ?? null,
  };
  const offers = suggested.offers.filter((offer) => !steps.some(({ kind }) => kind === offer.kind));
  const notices = [notice, ...decisions.map((decision) => decision.notice)].filter(
    (each) => each !== null,
  );
  const asked = decisions.flatMap((decision) => decision.asked ?? []);
  return { form, context, suggested: { ...suggested, offers }, cellsOf, notices, asked };
}

const markNames = { '.': 'point', ',': 'comma' };

/** The decimal mark; that of the file before stays, unless all that is written speaks against it. */
function markOf({ decimalMark: kept, ofFileBefore }: FileForm, cells: readonly Cell[]) {
  if (kept === undefined) return { decimalMark: recogniseDecimalMark(cells), notice: null };
  const other = kept === ',' ? '.' : ',';
  if (!ofFileBefore || decimalEvidence(cells, kept) > 0 || decimalEvidence(cells, other) === 0)
    return { decimalMark: kept, notice: null };
  const sentence = `Figures are written with a decimal ${markNames[other]} in this file, and not with a ${markNames[kept]}.`;
  return { decimalMark: other, notice: { sentence } } as const;
}

/** A column as it is read, what is said of that, and what has to be answered first. */
interface Decided {
  column: ColumnUnderstanding;
  notice: Notice | null;
  asked?: Question;
}

/**
 * What a person has decided about a column goes before what it would be taken for; dates that are all
 * written otherwise than in the file before are read as they are written.
 * @param cells those of a file after the one that was decided on; none of that file itself
 */
function decided(
  { datePattern: own }: ColumnUnderstanding,
  choice: ColumnUnderstanding,
  cells: readonly Cell[],
): Decided {
  const kept = choice.datePattern ?? own ?? 'YYYY-MM-DD';
  if (choice.kind !== 'date') return { column: { ...choice, datePattern: null }, notice: null };
  const present = cells.map(cellText).filter((text) => !isBlank(text));
  const fits =
    present.length === 0 || present.some((text) => readDate(text, kept, { zone: 'UTC' }) !== null);
  if (fits || own === null || own === kept)
    return { column: { ...choice, datePattern: kept }, notice: null };
  const sentence = `“${choice.name}” is written as ${own} in this file, and not as ${kept}.`;
  return { column: { ...choice, datePattern: own }, notice: { sentence } };
}

/** Days that a workbook counts are counted from where it begins to count. */
const inEpoch = (column: ColumnUnderstanding, epoch1904: boolean): ColumnUnderstanding =>
  epoch1904 && column.datePattern === 'serial 1900'
    ? { ...column, datePattern: 'serial 1904' }
    : column;

/** Digits that are names are words; where nobody can tell, it is asked. */
function withNames(column: ColumnUnderstanding, cells: readonly Cell[]): Decided {
  if (column.kind !== 'number') return { column, notice: null };
  const found = digitNames(column.name, cells);
  if (found.kind === 'figures') return { column, notice: null };
  if (found.kind === 'asked') {
    const examples = cells.map(cellText).filter((text) => !isBlank(text));
    const asked: Question = { kind: 'digits', column: column.name, examples: examples.slice(0, 3) };
    return { column, notice: null, asked };
  }
  return {
    column: { ...column, kind: 'text', decimalMark: null },
    notice: {
      sentence: `The digits of “${column.name}” are read as words, since ${found.why}.`,
      otherwise: { label: 'Read them as figures', column },
    },
  };
}

export const noRows = () =>
  new ProblemError({
    code: 'no-rows',
    sentence:
      'The file has no rows of figures under its head. Choose a file whose first rows name the columns, or say which row does.',
  });

const tooManyColumns = (count: number) =>
  new ProblemError({
    code: 'too-many-columns',
    sentence: `The table has ${count} columns; ${bringInLimits.columns} can be brought in. Leave some out, or turn columns into rows.`,
  });
