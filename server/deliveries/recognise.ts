import { bringInLimits, type FileForm, titleOf, type WholeForm } from '../../contract';
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
  fileName: string,
) {
  const { decimalMark, notice } = markOf(given.decimalMark, sample.slice(0, sampleRows).flat());
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
  const decisions = sheet.columns.map((name) =>
    decided(
      recogniseColumn(name, cellsOf(name), decimalMark, settled),
      given.columns?.find((column) => column.name === name),
      cellsOf(name),
    ),
  );
  const columns = decisions.map(({ column }) => column);
  const form: WholeForm = {
    ...{ file: given.file, decimalMark, zone, missing, steps, seen, columns },
    completeTo: given.completeTo ?? null,
  };
  const offers = suggested.offers.filter((offer) => !steps.some(({ kind }) => kind === offer.kind));
  const notices = [notice, ...decisions.map((decision) => decision.notice)].filter(
    (each) => each !== null,
  );
  return { form, context, suggested: { ...suggested, offers }, cellsOf, notices };
}

const markNames = { '.': 'point', ',': 'comma' };

/** The decimal mark of a file; one that was decided on stays, unless all that is written speaks against it. */
function markOf(kept: WholeForm['decimalMark'] | undefined, cells: readonly Cell[]) {
  if (kept === undefined) return { decimalMark: recogniseDecimalMark(cells), notice: null };
  const other = kept === ',' ? '.' : ',';
  if (decimalEvidence(cells, kept) > 0 || decimalEvidence(cells, other) === 0)
    return { decimalMark: kept, notice: null };
  const notice = `Figures are written with a decimal ${markNames[other]} in this file, and not with a ${markNames[kept]}.`;
  return { decimalMark: other, notice } as const;
}

/**
 * What a person has decided about a column goes before what it would be taken for; dates that are all
 * written otherwise are read as they are written.
 */
function decided(
  recognised: ColumnUnderstanding,
  choice: ColumnUnderstanding | undefined,
  cells: readonly Cell[],
): { column: ColumnUnderstanding; notice: string | null } {
  if (!choice) return { column: recognised, notice: null };
  const { datePattern: own } = recognised;
  const kept = choice.datePattern ?? own ?? 'YYYY-MM-DD';
  if (choice.kind !== 'date') return { column: { ...choice, datePattern: null }, notice: null };
  const present = cells.map(cellText).filter((text) => !isBlank(text));
  const fits = present.some((text) => readDate(text, kept, { zone: 'UTC' }) !== null);
  if (fits || own === null || own === kept)
    return { column: { ...choice, datePattern: kept }, notice: null };
  const notice = `“${choice.name}” is written as ${own} in this file, and not as ${kept}.`;
  return { column: { ...choice, datePattern: own }, notice };
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
