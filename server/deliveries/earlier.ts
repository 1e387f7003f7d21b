import type { EarlierChange } from '../../contract';
import { formatDay } from '../../core/calendar';
import type { CellValue, ColumnKind } from '../../core/table';
import type { TypedTable } from '../sources';

/** Of more different words in a column none is a line of a chart. */
export const mostWords = 500;

type Rows = {
  columns: readonly { name: string; kind: ColumnKind }[];
  batches: TypedTable['batches'];
};

/** What rows hold that charts add up. */
interface Held {
  /** the different words, by column; null where there are too many */
  words: Map<string, Set<string> | null>;
  /** the last day, by column of dates */
  last: Map<string, number>;
  /** the sum of a column over the days up to some day, by “date, column” */
  sums: Map<string, number>;
}

/**
 * Compares what stands before and after a delivery by what charts make of it: words that come to a column,
 * and sums over the days that had figures before.
 */
export async function lookAtEarlier(standing: Rows, after: Rows): Promise<EarlierChange> {
  const before = await held(standing, await lastDays(standing));
  const now = await held(after, before.last);
  const words = [...now.words].flatMap(([column, found]) =>
    changedWords(column, before.words.get(column) ?? null, found),
  );
  const sums = [...before.sums].flatMap(([key, sum]) => {
    const next = now.sums.get(key);
    if (next === undefined) return [];
    const [date = '', column = ''] = JSON.parse(key) as string[];
    return changedSum({ date, column, upTo: formatDay(before.last.get(date) ?? 0) }, sum, next);
  });
  return { words, sums };
}

/**
 * Words that come to a column that had others before.
 * @param before the words it had; null where there were too many
 */
export function changedWords(
  column: string,
  before: ReadonlySet<string> | null,
  now: ReadonlySet<string> | null,
): EarlierChange['words'] {
  if (!before || !now || before.size === 0) return [];
  const fresh = [...now].filter((word) => !before.has(word));
  return fresh.length > 0
    ? [{ column, fresh: fresh.slice(0, mostWords), before: [...before] }]
    : [];
}

/** A sum over days that had figures before, where it comes to something else. */
export function changedSum(
  held: { date: string; column: string; upTo: string },
  before: number,
  after: number,
): EarlierChange['sums'] {
  const scale = Math.max(Math.abs(before), Math.abs(after));
  return Math.abs(after - before) <= 1e-9 * scale ? [] : [{ ...held, before, after }];
}

async function lastDays({ columns, batches }: Rows): Promise<Map<string, number>> {
  const last = new Map<string, number>();
  const dates = columns.flatMap(({ name, kind }, place) =>
    kind === 'date' ? [[name, place] as const] : [],
  );
  for await (const batch of batches())
    for (const row of batch)
      for (const [name, place] of dates) {
        const day = row[place];
        if (typeof day === 'number' && day > (last.get(name) ?? -Infinity)) last.set(name, day);
      }
  return last;
}

async function held({ columns, batches }: Rows, last: Map<string, number>): Promise<Held> {
  const places = (kind: ColumnKind) =>
    columns.flatMap((column, place) =>
      column.kind === kind ? [{ name: column.name, place }] : [],
    );
  const texts = places('text');
  const words = new Map<string, Set<string> | null>(texts.map(({ name }) => [name, new Set()]));
  const pairs = places('date')
    .filter(({ name }) => last.has(name))
    .flatMap((date) =>
      places('number').map((number) => ({
        date: date.place,
        number: number.place,
        until: last.get(date.name) as number,
        sum: 0,
        key: JSON.stringify([date.name, number.name]),
      })),
    );
  for await (const batch of batches())
    for (const row of batch) {
      for (const { name, place } of texts) addWord(words, name, row[place] ?? null);
      for (const pair of pairs) {
        const [day, figure] = [row[pair.date], row[pair.number]];
        if (typeof day === 'number' && typeof figure === 'number' && day <= pair.until)
          pair.sum += figure;
      }
    }
  return { words, last, sums: new Map(pairs.map(({ key, sum }) => [key, sum])) };
}

function addWord(words: Held['words'], column: string, value: CellValue) {
  const met = words.get(column);
  if (!met) return;
  met.add(value === null ? '' : String(value));
  if (met.size > mostWords) words.set(column, null);
}
