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

/** How much of a file is looked at; missing: all of it. */
export interface LookedAt {
  /** of a large one, its first rows */
  rows: number;
  /** how many bytes all of it has */
  ofBytes: number;
}

/**
 * Works out how a file is to be read, keeping whatever a person has decided, and looks at all of it
 * once, or at the first rows of a large one.
 * @throws ProblemError when it is no table
 */
export async function understandFile(
  delivered: DeliveredFile,
  given: FileForm,
  lookups: Lookups,
  onRows: OnRows = () => {},
  part: LookedAt | null = null,
): Promise<Understanding> {
  const { file, read } = counted(delivered);
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
    if (part && number >= part.rows) break;
  }
  const isPart = part !== null && number >= part.rows;
  way.end();
  // Bytes that are no UTF-8 may come late in a file whose start says nothing.
  const guessed = given.file?.kind !== 'delimited' || !given.file.encoding;
  if (survey.broken && guessed && choices.kind === 'delimited' && choices.encoding === 'utf-8')
    return understandFile(
      delivered,
      { ...given, file: { ...choices, encoding: 'windows-1252' } },
      lookups,
      onRows,
      part,
    );
  const chosenPart = partOf(given.file, chosen);
  const proposals = proposed(suggested.proposals);
  const late = lateTotals(survey.totalWords(), form, context, proposals);
  const found = survey.found();
  if (found.rows === 0) throw noRows();
  return {
    ...form,
    ...found,
    ofRows: isPart ? Math.round((found.rows * part.ofBytes) / Math.max(1, read())) : null,
    parts,
    offers: suggested.offers,
    misfits: [...way.misfits],
    remarks: way.remarks(),
    firstRows: sample.rows.slice(0, bringInLimits.shown).map(shownCells),
    ...questionsOf(
      form,
      given.columns ?? [],
      [...chosenPart.questions, ...proposals, ...late, ...asked],
      cellsOf,
    ),
    notices: [...chosenPart.notices, ...notices].concat(
      (chosen.notices ?? []).map((sentence) => ({ sentence })),
    ),
    // The last of its days is still to come.
    recording: isPart ? null : recordingOfColumn(survey.dates()),
    lost: (given.columns ?? [])
      .map(({ name }) => name)
      .filter((name) => form.columns.every((column) => column.name !== name)),
  };
}

/** A file, and how many of its bytes were read when it was opened last. */
function counted({ name, open }: DeliveredFile) {
  let bytes = 0;
  const file: DeliveredFile = {
    name,
    async *open() {
      bytes = 0;
      for await (const part of open()) {
        bytes += part.length;
        yield part;
      }
    },
  };
  return { file, read: () => bytes };
}

/** What a column of dates tells of how the file is recorded. */
function recordingOfColumn(dates: ReturnType<Survey['dates']>): Understanding['recording'] {
  if (!dates) return null;
  const { by, standsOn, completeTo } = recordingOf(dates.days, dates.writtenAs);
  return completeTo === null
    ? null
    : { column: dates.column, by, standsOn, completeTo: formatDay(completeTo) };
}
