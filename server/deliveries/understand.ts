import { bringInLimits, type FileForm, type Understanding, type WholeForm } from '../../contract';
import { type Day, formatDay, namesOffset, recordingOf } from '../../core/calendar';
import {
  type Lookup,
  type PreparationContext,
  prepareRows,
  suggestSteps,
} from '../../core/preparation';
import {
  type Cell,
  type ColumnUnderstanding,
  dateQuestion,
  doubleReadings,
  lacksFiscalStart,
  recogniseColumn,
  recogniseDecimalMark,
} from '../../core/table';
import { ProblemError } from '../../core/values';
import { chooseForm, type DeliveredFile, readForm } from '../forms';
import { takeSample } from './sample';
import { shownCells, Survey } from './survey';
import { typedRows } from './typedRows';

/** Rows by which a file is recognised. */
const sampleRows = 2000;

/** The rows of other sources that a preparation may look something up in, by the source's id. */
export type Lookups = ReadonlyMap<number, Lookup>;

/** Is told how many rows of the file have been read. */
export type OnRows = (rows: number) => void;

/**
 * Works out how a file is to be read, keeping whatever a person has decided, and looks at all of it
 * once.
 * @throws ProblemError when it is no table
 */
export async function understandFile(
  file: DeliveredFile,
  given: FileForm,
  lookups: Lookups,
  onRows: OnRows = () => {},
): Promise<Understanding> {
  const { choices, parts } = await chooseForm(file, given.file);
  const batches = readForm(file, choices);
  const sample = await takeSample(batches, sampleRows);
  const { form, context, offers, cellsOf } = recognise(
    { ...given, file: choices },
    sample,
    lookups,
    file.name,
  );
  const survey = new Survey(form);
  const way = typedRows(form, context, survey.take);
  let number = 0;
  const push = (cells: Cell[]) => way.push({ number: ++number, cells });
  sample.forEach(push);
  for await (const batch of batches) {
    batch.forEach(push);
    onRows(number);
  }
  way.end();
  // Bytes that are no UTF-8 may come late in a file whose start says nothing.
  const guessed = given.file?.kind !== 'delimited' || !given.file.encoding;
  if (survey.broken && guessed && choices.kind === 'delimited' && choices.encoding === 'utf-8')
    return understandFile(
      file,
      { ...given, file: { ...choices, encoding: 'windows-1252' } },
      lookups,
      onRows,
    );
  const found = survey.found();
  if (found.rows === 0) throw noRows();
  return {
    ...form,
    ...found,
    ...{ parts, offers, misfits: [...way.misfits], remarks: way.remarks() },
    firstRows: sample.slice(0, bringInLimits.shown).map(shownCells),
    ...questionsOf(form, given.columns ?? [], cellsOf),
    recording: recordingOfColumn(survey.dates()),
    lost: (given.columns ?? [])
      .map(({ name }) => name)
      .filter((name) => form.columns.every((column) => column.name !== name)),
  };
}

/** Makes every choice about the rows of a file that nobody has made. */
function recognise(
  given: FileForm & Pick<WholeForm, 'file'>,
  sample: Cell[][],
  lookups: Lookups,
  fileName: string,
) {
  const decimalMark = given.decimalMark ?? recogniseDecimalMark(sample.flat());
  const zone = given.zone ?? 'UTC';
  const missing = given.missing ?? null;
  const context: PreparationContext = {
    writing: { decimalMark, zone, missing },
    firstRows: sample,
    title: `${fileName} ${'sheet' in given.file ? given.file.sheet : ''}`,
    lookups,
  };
  const suggested = suggestSteps(context);
  const steps = given.steps ?? suggested.steps;
  const sheet = prepareRows(steps, context, sample);
  if (sheet.columns.length === 0) throw noRows();
  if (sheet.columns.length > bringInLimits.columns) throw tooManyColumns(sheet.columns.length);
  const cells = new Map(
    sheet.columns.map((name, place) => [name, sheet.rows.map((row) => row[place] ?? '')]),
  );
  const cellsOf = (name: string): Cell[] => cells.get(name) ?? [];
  const columns = sheet.columns.map((name) =>
    decided(
      recogniseColumn(name, cellsOf(name), decimalMark, given.decimalMark !== undefined),
      given.columns,
    ),
  );
  const form: WholeForm = {
    ...{ file: given.file, decimalMark, zone, missing, steps, columns },
    completeTo: given.completeTo ?? null,
  };
  const offers = suggested.offers.filter((offer) => !steps.some(({ kind }) => kind === offer.kind));
  return { form, context, offers, cellsOf };
}

/** What a person has decided about a column goes before what it would be taken for. */
function decided(
  recognised: ColumnUnderstanding,
  choices: readonly ColumnUnderstanding[] | undefined,
): ColumnUnderstanding {
  const choice = choices?.find(({ name }) => name === recognised.name);
  if (!choice) return recognised;
  const own = choice.datePattern ?? recognised.datePattern ?? 'YYYY-MM-DD';
  return { ...choice, datePattern: choice.kind === 'date' ? own : null };
}

/** What only a person can answer, and what they are shown of how figures and times are read. */
function questionsOf(
  form: WholeForm,
  answered: readonly ColumnUnderstanding[],
  cellsOf: (name: string) => Cell[],
) {
  const dates = form.columns.filter(({ kind }) => kind === 'date');
  const open = dates.filter(({ name }) => answered.every((column) => column.name !== name));
  const orders = open.flatMap((column) => {
    const question = dateQuestion(column, cellsOf(column.name));
    return question ? [{ kind: 'dateOrder' as const, ...question }] : [];
  });
  const fiscal = dates.filter(lacksFiscalStart).map(({ name }) => ({
    kind: 'fiscalStart' as const,
    column: name,
    examples: cellsOf(name).slice(0, 2).map(String),
  }));
  return {
    questions: [...orders, ...fiscal],
    doubleReadings: form.columns.flatMap(({ name, kind }) => {
      const examples = kind === 'number' ? doubleReadings(cellsOf(name)) : [];
      return examples.length > 0 ? [{ column: name, examples }] : [];
    }),
    zoned: dates.some(({ name }) =>
      cellsOf(name).some((cell) => typeof cell === 'string' && namesOffset(cell)),
    ),
  };
}

/** What a column of dates tells of how the file is recorded. */
function recordingOfColumn(
  dates: { column: string; days: readonly Day[] } | null,
): Understanding['recording'] {
  if (!dates) return null;
  const { by, standsOn, completeTo } = recordingOf(dates.days);
  return completeTo === null
    ? null
    : { column: dates.column, by, standsOn, completeTo: formatDay(completeTo) };
}

const noRows = () =>
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
