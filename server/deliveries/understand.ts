import { bringInLimits, type FileForm, type Understanding } from '../../contract';
import { formatDay, recordingOf } from '../../core/calendar';
import type { Cell } from '../../core/table';
import { chooseForm, type DeliveredFile, readForm } from '../forms';
import { lateTotals } from './lateTotals';
import { partOf, proposed, questionsOf } from './questions';
import { type Lookups, noRows, recognise, sampledRows } from './recognise';
import { takeSample } from './sample';
import { shownCells, Survey } from './survey';
import { typedRows } from './typedRows';

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
  const chosen = await chooseForm(file, given.file);
  const { choices, parts } = chosen;
  const batches = readForm(file, choices);
  const sample = await takeSample(batches, sampledRows);
  const { form, context, suggested, cellsOf, notices, asked } = recognise(
    { ...given, file: choices },
    sample,
    lookups,
    { fileName: file.name, epoch1904: chosen.epoch1904 },
  );
  const survey = new Survey(form, context.whole ?? true);
  const way = typedRows(form, context, survey.take);
  let number = 0;
  const push = (cells: Cell[]) => way.push({ number: ++number, cells });
  sample.rows.forEach(push);
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
  const part = partOf(given.file, chosen);
  const proposals = proposed(suggested.proposals);
  const late = lateTotals(survey.totalWords(), form, context, proposals);
  const found = survey.found();
  if (found.rows === 0) throw noRows();
  return {
    ...form,
    ...found,
    parts,
    offers: suggested.offers,
    misfits: [...way.misfits],
    remarks: way.remarks(),
    firstRows: sample.rows.slice(0, bringInLimits.shown).map(shownCells),
    ...questionsOf(
      form,
      given.columns ?? [],
      [...part.questions, ...proposals, ...late, ...asked],
      cellsOf,
    ),
    notices: [...part.notices, ...notices].concat(
      (chosen.notices ?? []).map((sentence) => ({ sentence })),
    ),
    recording: recordingOfColumn(survey.dates()),
    lost: (given.columns ?? [])
      .map(({ name }) => name)
      .filter((name) => form.columns.every((column) => column.name !== name)),
  };
}

/** What a column of dates tells of how the file is recorded. */
function recordingOfColumn(dates: ReturnType<Survey['dates']>): Understanding['recording'] {
  if (!dates) return null;
  const { by, standsOn, completeTo } = recordingOf(dates.days, dates.writtenAs);
  return completeTo === null
    ? null
    : { column: dates.column, by, standsOn, completeTo: formatDay(completeTo) };
}
