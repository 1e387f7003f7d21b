import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { FileForm, Understanding } from '../../contract';
import { formatDay } from '../../core/calendar';
import { type Lookup, sayStep } from '../../core/preparation';
import { type CellValue, type ColumnKind, naturalOrder } from '../../core/table';
import { ProblemError } from '../../core/values';
import { tableOf } from './deliver';
import { understandFile } from './understand';

const folder = join(__dirname, 'files');

/** What a file has to give; what is left out is not looked at. */
interface Expected {
  form?: FileForm;
  lookup?: Lookup;
  problem?: string;
  /** name, kind and how its dates are written, by column */
  columns?: string[];
  /** the rows that come out, their values parted by bars; nothing stands for a missing one */
  table?: string[];
  steps?: string[];
  offer?: string;
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

async function read(name: string, expected: Expected) {
  const content = readFileSync(join(folder, name));
  const file = {
    name,
    open: async function* () {
      // In two parts, cut where nobody would cut it.
      yield content.subarray(0, content.length / 2);
      yield content.subarray(content.length / 2);
    },
  };
  const lookups = new Map(expected.lookup ? [[1, expected.lookup]] : []);
  const first = await understandFile(file, expected.form ?? {}, lookups);
  const understanding = expected.offer
    ? await understandFile(file, { steps: [...first.steps, ...first.offers] }, lookups)
    : first;
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

/** What was found, said as the expected results say it. */
function found({ first, understanding, rows }: Awaited<ReturnType<typeof read>>) {
  const { columns, steps, parts, questions, signs, doubtful, zoned, recording } = understanding;
  const [question] = questions;
  return {
    columns: columns.map(({ name, kind, datePattern }) =>
      [name, kind, datePattern].filter(Boolean).join(' '),
    ),
    table: rows,
    steps: steps.map(sayStep),
    offer: first.offers.map(sayStep).join('; '),
    parts,
    asks:
      question?.kind === 'dateOrder'
        ? `${question.column}: ${question.patterns.join(' or ')}, as in ${question.examples.join(', ')}`
        : question && `${question.column}: where does the fiscal year begin`,
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
  const expected = JSON.parse(
    readFileSync(join(folder, `${name}.expected.json`), 'utf8'),
  ) as Expected;
  const { form: _, lookup: __, problem, misfit, ...wanted } = expected;
  if (problem !== undefined) {
    const reading = read(name, expected);
    await expect(reading).rejects.toThrow(problem);
    await expect(reading).rejects.toBeInstanceOf(ProblemError);
    return;
  }
  const result = await read(name, expected);
  expect(result.understanding.rows).toBe(expected.table?.length);
  expect(found(result)).toMatchObject({ doubtful: [], ...wanted });
  if (wanted.asks === undefined) expect(result.understanding.questions).toEqual([]);
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
