import type { DeliveryMode, EarlierChange } from '../../../contract';
import { formatDay } from '../../../core/calendar';
import { rowColumn } from '../../columns';
import { type EngineRow, engines } from '../../engine';
import { settings } from '../../settings';
import {
  askedCell,
  type BothSides,
  deliveredOver,
  isMerged,
  keyColumns,
  type LaidColumn,
  matchRows,
  notReplaced,
  overlaid,
} from '../../sources';
import { changedSum, changedWords, mostWords } from '../earlier';

/**
 * Compares what stands before and after a delivery by what charts make of it, by the engine, to the same
 * that `lookAtEarlier` finds row by row.
 */
export async function earlierLarge(
  sides: BothSides,
  mode: DeliveryMode,
  keys: readonly string[],
): Promise<EarlierChange> {
  const seen = sides.columns.filter(
    ({ isStanding, isDelivered }) => isStanding && (isDelivered || isMerged(mode)),
  );
  const texts = seen.filter(({ kind }) => kind === 'text');
  const dates = seen.filter(({ kind }) => kind === 'date');
  const pairs = dates.flatMap((date) =>
    seen.flatMap((number) => (number.kind === 'number' ? [{ date, number }] : [])),
  );
  const statements = [...sides.views, ...standingAfter(sides, mode, keys)];
  const asked = [
    ...texts.flatMap((column) => [wordsOf('standing', column), wordsOf('afterwards', column)]),
    lastDays(dates),
    ...['standing', 'afterwards'].map((side) => sumsOf(side, dates, pairs)),
  ];
  const watch = { seconds: settings.engineDeliverySeconds };
  const answers = await engines.run(
    { kind: 'script', statements: [...statements, ...asked] },
    watch,
  );
  const found = answers.slice(statements.length);
  const words = texts.flatMap(({ name }, at) => {
    const [before, after] = [found[2 * at], found[2 * at + 1]].map(wordSet);
    return changedWords(name, before ?? null, after ?? null);
  });
  const [[last = []] = [], [before = []] = [], [after = []] = []] = found.slice(2 * texts.length);
  const sums = pairs.flatMap(({ date, number }, at) => {
    const day = last[dates.indexOf(date)];
    if (typeof day !== 'number') return [];
    const held = { date: date.name, column: number.name, upTo: formatDay(day) };
    return changedSum(held, Number(before[at] ?? 0), Number(after[at] ?? 0));
  });
  return { words, sums };
}

/** Makes the relation "afterwards" of the rows that would stand. */
function standingAfter(sides: BothSides, mode: DeliveryMode, keys: readonly string[]): string[] {
  const { columns, rows } = sides;
  const plain = columns.map(({ laid }) => laid).join(', ');
  const view = (select: string) => `CREATE TEMP VIEW afterwards AS ${select}`;
  const come = (first: number) => `SELECT ${rowColumn} + ${first} AS ${rowColumn}, ${plain}`;
  if (!isMerged(mode)) return [view(`${come(0)} FROM delivered`)];
  if (mode === 'append')
    return [view(`${come(0)} FROM standing UNION ALL ${come(rows.standing)} FROM delivered`)];
  const over = columns.map((column) => `${overlaid(column)} AS ${column.laid}`).join(', ');
  const lacks = columns.some(({ isDelivered }) => !isDelivered);
  return [
    matchRows(keyColumns(sides, keys), [], { repeated: false, left: false }),
    view(
      `SELECT d.${rowColumn} AS ${rowColumn}, ${over} FROM ${deliveredOver(lacks)}
       UNION ALL SELECT s.${rowColumn} + ${rows.delivered}, ${plain} FROM ${notReplaced}`,
    ),
  ];
}

/** One word more than a line is drawn of tells that there are too many. */
const wordsOf = (side: string, { laid }: LaidColumn): string =>
  `SELECT COALESCE(${laid}, '') AS word FROM ${side} GROUP BY word ORDER BY MIN(${rowColumn}) LIMIT ${mostWords + 1}`;

const wordSet = (rows: readonly EngineRow[] | undefined): Set<string> | null =>
  !rows || rows.length > mostWords ? null : new Set(rows.map(([word]) => String(word)));

const lastDays = (dates: readonly LaidColumn[]): string =>
  `SELECT ${['0', ...dates.map((date) => askedCell(date, `MAX(${date.laid})`))].slice(dates.length > 0 ? 1 : 0).join(', ')} FROM standing`;

interface Pair {
  date: LaidColumn;
  number: LaidColumn;
}

/** Sums over the days up to the last of those that stand. */
function sumsOf(side: string, dates: readonly LaidColumn[], pairs: readonly Pair[]): string {
  const last = dates.map(({ laid }) => `MAX(${laid}) AS last_${laid}`);
  const list = pairs.map(
    ({ date, number }) =>
      `CAST(SUM(CAST(${number.laid} AS DOUBLE)) FILTER (${date.laid} <= last_${date.laid}) AS DOUBLE)`,
  );
  return `SELECT ${['0', ...list].slice(list.length > 0 ? 1 : 0).join(', ')} FROM ${side}, (SELECT ${['0 AS none', ...last].join(', ')} FROM standing) AS ends`;
}
