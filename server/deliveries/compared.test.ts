import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { type DeliveryMode, formOf, forNextFile } from '../../contract';
import { formatDay } from '../../core/calendar';
import type { CellValue } from '../../core/table';
import { testChart, testSeries } from '../../core/testing';
import { mergeTables, type TypedTable, type StandingTable } from '../sources';
import { compareTables } from './compare';
import { tableOf } from './deliver';
import { lookAtEarlier } from './earlier';
import { changedMeanings } from './meanings';
import { understandFile } from './understand';

const folder = join(__dirname, 'compared');

/** What a file does to the rows that the one before it gave. */
interface Compared {
  mode: DeliveryMode;
  keys: string[];
  refused?: string;
  /** added, removed, changed, and rows that stand there already */
  counts: string;
  /** the rows that stand afterwards, their values parted by bars */
  stand: string[];
  /** what the line Fares would come to mean */
  meanings: string[];
}

const compared = JSON.parse(readFileSync(join(folder, 'expected.json'), 'utf8')) as Record<
  string,
  Compared & { after: string }
>;

/** A file of the folder as the rows of its table, its columns understood by themselves. */
async function tableIn(name: string, kept?: Awaited<ReturnType<typeof understandFile>>) {
  const file = {
    name,
    open: async function* () {
      yield await Promise.resolve(readFileSync(join(folder, name)));
    },
  };
  const understanding = await understandFile(
    file,
    kept ? forNextFile(formOf(kept)) : {},
    new Map(),
  );
  return { understanding, table: tableOf(file, understanding, new Map()) };
}

async function allOf({ batches }: Pick<TypedTable, 'batches'>) {
  const rows: (readonly CellValue[])[] = [];
  for await (const batch of batches()) rows.push(...batch);
  return rows;
}

async function standingOf(table: TypedTable): Promise<StandingTable> {
  const rows = await allOf(table);
  return {
    columns: table.columns.map(({ name, kind, datePattern }) => ({
      name,
      kind,
      datePattern: datePattern ?? null,
      decimals: 0,
      words: 0,
      profile: null as never,
    })),
    count: rows.length,
    batches: async function* () {
      yield await Promise.resolve(rows.map((row) => [...row]));
    },
  };
}

const sayRow = (row: readonly CellValue[], columns: readonly { kind: string }[]) =>
  row
    .map((value, place) =>
      columns[place]?.kind === 'date' && typeof value === 'number'
        ? formatDay(value)
        : String(value ?? ''),
    )
    .join('|');

const fares = {
  id: 1,
  dashboardId: 1,
  title: 'Takings',
  definition: testChart({
    series: [
      testSeries('Fares', {
        figures: {
          kind: 'rows',
          sourceId: 1,
          date: 'Day',
          aggregate: 'sum',
          column: 'Fares',
          percent: 50,
          filters: [],
        },
      }),
    ],
  }),
};

async function compare({ after, mode, keys }: Compared & { after: string }, name: string) {
  const first = await tableIn(after);
  const standing = await standingOf(first.table);
  const { table: delivered } = await tableIn(name, first.understanding);
  const found = await compareTables(standing, delivered, mode, keys.length > 0 ? keys : null);
  const merged = mode === 'replace' ? delivered : mergeTables(standing, delivered, { mode, keys });
  const stand = await allOf(merged);
  const earlier = await lookAtEarlier(standing, merged);
  return {
    counts: `${found.added.count} added, ${found.removed.count} removed, ${found.changed.count} changed, ${found.standing} there already`,
    stand: stand.map((row) => sayRow(row, merged.columns)),
    meanings: changedMeanings([fares], 1, earlier, []).map(({ column, words, before, sum }) =>
      sum
        ? `${column} up to ${sum.upTo}: ${sum.before}, then ${sum.after}`
        : `${column}: ${before.join(', ')}, and now ${words.join(', ')}`,
    ),
  };
}

it.each(Object.keys(compared))('%s does to what stands what is said of it', async (name) => {
  const wanted = compared[name] as Compared & { after: string };
  const { refused, after: _, mode: __, keys: ___, ...results } = wanted;
  if (refused) return expect(compare(wanted, name)).rejects.toThrow(refused);
  expect(await compare(wanted, name)).toEqual(results);
});
