import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  type FileForm,
  formOf,
  forNextFile,
  type Question,
  type Understanding,
} from '../../contract';
import { formatDay } from '../../core/calendar';
import { decideProposal, type Lookup, sayStep, type Step } from '../../core/preparation';
import { type Cell, type CellValue, type ColumnKind, naturalOrder } from '../../core/table';
import { ProblemError } from '../../core/values';
import { tableOf } from './deliver';
import { understandFile } from './understand';

const folder = join(__dirname, 'files');

/** A source that something is looked up in. */
interface LookedUp {
  name: string;
  columns: string[];
  rows: Cell[][];
}

const lookupOf = ({ name, columns, rows }: LookedUp): Lookup => ({
  name,
  columns,
  rows: rows.length,
  cell: (row, place) => rows[row]?.[place] ?? '',
});

/** What a file has to give; what is left out is not looked at. */
interface Expected {
  form?: FileForm;
  /** the file that came in before it, with the preparation that was kept of it */
  after?: string;
  lookup?: LookedUp;
  problem?: string;
  /** name, kind and how its dates are written, by column */
  columns?: string[];
  /** the rows that come out, their values parted by bars; nothing stands for a missing one */
  table?: string[];
  steps?: string[];
  notices?: string[];
  offer?: string;
  /** what is asked about the preparation is done */
  take?: boolean;
  parts?: string[];
  asks?: string;
  signs?: string;
  doubtful?: string[];
  zoned?: boolean;
  recorded?: string;
  misfit?: string;
  remarks?: Record<string, string>;
  order?: Record<string, string[]>;
}

const names = readdirSync(folder).filter((name) => /^\d/.test(name) && !/expected/.test(name));

/** A file of the folder; what stands in its name before the first blank only orders the folder. */
function fileOf(name: string) {
  const content = readFileSync(join(folder, name));
  return {
    name: name.replace(/^\d+-/, ''),
    open: async function* () {
      // In two parts, cut where nobody would cut it.
      yield content.subarray(0, content.length / 2);
      yield content.subarray(content.length / 2);
    },
  };
}

const expectedOf = (name: string) =>
  JSON.parse(readFileSync(join(folder, `${name}.expected.json`), 'utf8')) as Expected;

/** The form that a file is read by: what was kept of the one before it, and what a person says. */
async function formFor({ form = {}, after }: Expected): Promise<FileForm> {
  if (after === undefined) return form;
  const before = await understandFile(fileOf(after), await formFor(expectedOf(after)), new Map());
  return { ...forNextFile(formOf(before)), ...form };
}

/** What becomes of a file once its offer, or what was asked about its preparation, is taken. */
async function decidedOn(
  first: Understanding,
  { offer, take }: Expected,
  anew: (form: FileForm) => Promise<Understanding>,
): Promise<Understanding> {
  if (offer) return anew({ steps: [...first.steps, ...first.offers] });
  if (!take) return first;
  const { questions, seen } = first;
  const steps = questions.reduce<Step[]>(
    (kept, question) =>
      question.kind === 'proposal' ? decideProposal(kept, question.proposal, true) : kept,
    first.steps,
  );
  return anew({ ...formOf(first), steps, seen });
}

async function read(name: string, expected: Expected) {
  const file = fileOf(name);
  const lookups = new Map(expected.lookup ? [[1, lookupOf(expected.lookup)]] : []);
  const first = await understandFile(file, await formFor(expected), lookups);
  const understanding = await decidedOn(first, expected, (form) =>
    understandFile(file, form, lookups),
  );
  const rows: string[] = [];
  for await (const batch of tableOf(file, understanding, lookups).batches())
    for (const row of batch) rows.push(sayRow(row, understanding));
  return { first, understanding, rows };
}

const sayRow = (row: readonly CellValue[], { columns }: Understanding) =>
  row.map((value, place) => sayValue(value, columns[place]?.kind)).join('|');

const sayValue = (value: CellValue, kind: ColumnKind | undefined) =>
  kind === 'date' && typeof value === 'number'
    ? formatDay(value)
    : String(value ?? '').replace(/\n/g, ' ');

function sayQuestion(question: Question): string {
  if (question.kind === 'proposal')
    return `${question.proposal.why}: ${sayStep(question.proposal.step)}`;
  if (question.kind === 'part')
    return `no ${question.wanted}: which of ${question.parts.join(', ')}`;
  if (question.kind === 'digits')
    return `${question.column}: amounts or names, as ${question.examples.join(', ')}`;
  if (question.kind === 'fiscalStart')
    return `${question.column}: where does the fiscal year begin`;
  const { column, patterns, examples } = question;
  return `${column}: ${patterns.join(' or ')}, as in ${examples.join(', ')}`;
}

/** What was found, said as the expected results say it. */
function found({ first, understanding, rows }: Awaited<ReturnType<typeof read>>) {
  const { columns, steps, notices, parts, signs, doubtful, zoned, recording } = understanding;
  return {
    columns: columns.map(({ name, kind, datePattern }) =>
      [name, kind, datePattern].filter(Boolean).join(' '),
    ),
    table: rows,
    steps: steps.map(sayStep),
    notices: notices.map(({ sentence }) => sentence),
    offer: first.offers.map(sayStep).join('; '),
    parts,
    asks: first.questions.length > 0 ? first.questions.map(sayQuestion).join('; ') : undefined,
    signs: signs.map(({ sign, count }) => `${sign} ${count}`).join(', '),
    doubtful: doubtful.map(({ row, column, text }) => `${row} ${column}: ${text}`),
    zoned,
    recorded: recording
      ? `${recording.by} ${recording.standsOn}, complete to ${recording.completeTo}`
      : '',
    remarks: understanding.remarks,
    order: Object.fromEntries(
      columns.map(({ name }, place) => [
        name,
        naturalOrder([...new Set(rows.map((row) => row.split('|')[place] ?? ''))]),
      ]),
    ),
  };
}

it.each(names)('%s becomes what is said beside it', async (name) => {
  const expected = expectedOf(name);
  const { form: _, lookup: __, after: ___, take, problem, misfit, ...wanted } = expected;
  if (problem !== undefined) {
    const reading = read(name, expected);
    await expect(reading).rejects.toThrow(problem);
    await expect(reading).rejects.toBeInstanceOf(ProblemError);
    return;
  }
  const result = await read(name, expected);
  expect(result.understanding.rows).toBe(expected.table?.length);
  expect(found(result)).toMatchObject({ doubtful: [], ...wanted });
  if (wanted.asks === undefined || take) expect(result.understanding.questions).toEqual([]);
  expect(result.understanding.misfits.map(({ sentence }) => sentence).join()).toContain(
    misfit ?? '',
  );
  expect(result.understanding.misfits).toHaveLength(misfit ? 1 : 0);
});

it('has an index that names every file', () => {
  const index = readFileSync(join(folder, 'index.md'), 'utf8');
  expect(names.filter((name) => !index.includes(`\`${name}\``))).toEqual([]);
  expect(names.length).toBeGreaterThanOrEqual(40);
});
