import type { DeliveryMode } from '../../../contract';
import { rowColumn } from '../../columns';
import { type EngineRow, engines } from '../../engine';
import { settings } from '../../settings';
import {
  askedCell,
  type BothSides,
  isMerged,
  keyColumns,
  keyReader,
  type LaidColumn,
  matchRows,
  overlaid,
  repeatedIn,
  requireUnique,
} from '../../sources';
import type { CellValue } from '../../../core/table';
import { mostExamples, type RowCounts, shownRow } from '../changes';

/**
 * Compares, by the engine, the rows that would stand after a delivery with those that a source has, to
 * the same that `compareTables` finds row by row.
 * @param keys the columns that tell rows apart; null looks for them
 * @throws ProblemError when rows are to be updated by keys that do not tell them apart
 */
export async function compareLarge(
  sides: BothSides,
  mode: DeliveryMode,
  keys: readonly string[] | null,
): Promise<RowCounts> {
  const compared = sides.columns.filter(
    ({ isStanding, isDelivered }) => (isStanding && isDelivered) || isMerged(mode),
  );
  const names = compared.map(({ name }) => name);
  const usable = keys && keys.length > 0 ? [...keys] : await tellingKeys(sides, compared);
  const asked = { keys: usable ?? [], columns: names };
  if (mode === 'append') return { ...asked, ...(await appended(sides, compared)) };
  keyReader(names, usable ?? []);
  const own = keyColumns(sides, usable ?? []);
  if (own.length === 0) return { ...asked, ...(await wholeRows(sides, compared)) };
  const isUpdate = mode === 'update';
  if (isUpdate) await requireUnique(sides, usable ?? []);
  return { ...asked, ...(await byKey(sides, compared, own, isUpdate)) };
}

type Counts = Omit<RowCounts, 'keys' | 'columns'>;

const ask = (statements: string[]): Promise<EngineRow[][]> =>
  engines.run({ kind: 'script', statements }, { seconds: settings.engineDeliverySeconds });

/** The dates and words of a row, where no two rows of the source have the same. */
async function tellingKeys({ views }: BothSides, compared: readonly LaidColumn[]) {
  const keys = compared.filter(({ kind, isStanding }) => kind !== 'number' && isStanding);
  if (keys.length === 0) return null;
  const answers = await ask([...views, repeatedIn('standing', keys)]);
  return answers.at(-1)?.[0]?.[0] === 0 ? keys.map(({ name }) => name) : null;
}

async function byKey(
  { views }: BothSides,
  compared: readonly LaidColumn[],
  keys: readonly LaidColumn[],
  isUpdate: boolean,
): Promise<Counts> {
  const repeated = isUpdate ? [] : [repeatedIn('standing', keys), repeatedIn('delivered', keys)];
  const found = await ask([...views, ...repeated]);
  const isRepeated = found.slice(views.length).some(([first]) => first?.[0] !== 0);
  const first = (rows: string, order: string) =>
    `(SELECT * FROM matched WHERE ${rows} ORDER BY ${order} LIMIT ${mostExamples})`;
  const before = compared.map((column) => askedCell(column, `s.${column.laid}`));
  const after = compared.map((column) => askedCell(column, overlaid(column)));
  const fresh = compared.map((column) => askedCell(column, `d.${column.laid}`));
  const joined = (side: 's' | 'd', row: 'before' | 'after') =>
    `JOIN ${side === 's' ? 'standing' : 'delivered'} AS ${side} ON ${side}.${rowColumn} = m.${row}`;
  const [counts, added, removed, changed] = (
    await ask([
      ...views,
      matchRows(keys, compared, { repeated: isRepeated, left: !isUpdate }),
      `SELECT COUNT(*) FILTER (before IS NULL), COUNT(*) FILTER (after IS NULL), COUNT(*) FILTER (differs) FROM matched`,
      `SELECT ${fresh.join(', ')} FROM ${first('before IS NULL', 'after')} AS m ${joined('d', 'after')} ORDER BY m.after`,
      `SELECT ${before.join(', ')} FROM ${first('after IS NULL', 'before')} AS m ${joined('s', 'before')} ORDER BY m.before`,
      `SELECT ${[...before, ...after].join(', ')} FROM ${first('differs', 'after')} AS m ${joined('d', 'after')} ${joined('s', 'before')} ORDER BY m.after`,
    ])
  ).slice(-4) as [EngineRow[], EngineRow[], EngineRow[], EngineRow[]];
  const count = (place: number) => Number(counts[0]?.[place] ?? 0);
  const show = (cells: readonly CellValue[]) => shownRow(cells, compared);
  const wide = compared.length;
  return {
    standing: 0,
    added: { count: count(0), examples: added.map(show) },
    removed: { count: count(1), examples: removed.map(show) },
    changed: {
      count: count(2),
      examples: changed.map((cells) => ({
        before: show(cells.slice(0, wide)),
        after: show(cells.slice(wide)),
      })),
    },
  };
}

/** Makes the table "net": of each row, how often it stands, comes, and where it does so first. */
function netRows(compared: readonly LaidColumn[]): string {
  const own = compared.map(({ laid }) => laid).join(', ');
  return `CREATE TEMP TABLE net AS
    SELECT COUNT(*) FILTER (isStanding) AS stood, COUNT(*) FILTER (NOT isStanding) AS came,
      MIN(${rowColumn}) FILTER (isStanding) AS old, MIN(${rowColumn}) FILTER (NOT isStanding) AS fresh
    FROM (SELECT FALSE AS isStanding, ${rowColumn}, ${own} FROM delivered
      UNION ALL SELECT TRUE, ${rowColumn}, ${own} FROM standing)
    GROUP BY ${own}`;
}

/** Rows that nothing tells apart are the same where all of their cells are. */
async function wholeRows({ views }: BothSides, compared: readonly LaidColumn[]): Promise<Counts> {
  const list = compared.map((column) => askedCell(column, `side.${column.laid}`)).join(', ');
  const examples = (side: string, row: string, more: string) =>
    `SELECT times, ${list} FROM (SELECT ${row} AS place, ${more} AS times FROM net WHERE ${more} > 0 ORDER BY place LIMIT ${mostExamples}) AS n JOIN ${side} AS side ON side.${rowColumn} = n.place ORDER BY n.place`;
  const [counts, added, removed] = (
    await ask([
      ...views,
      netRows(compared),
      'SELECT COALESCE(SUM(GREATEST(came - stood, 0)), 0)::DOUBLE, COALESCE(SUM(GREATEST(stood - came, 0)), 0)::DOUBLE FROM net',
      examples('delivered', 'fresh', 'came - stood'),
      examples('standing', 'old', 'stood - came'),
    ])
  ).slice(-3) as [EngineRow[], EngineRow[], EngineRow[]];
  const shown = (rows: readonly EngineRow[]) =>
    rows
      .flatMap(([times, ...cells]) => {
        const row = shownRow(cells, compared);
        return Array.from({ length: Math.min(mostExamples, Number(times)) }, () => row);
      })
      .slice(0, mostExamples);
  return {
    standing: 0,
    added: { count: Number(counts[0]?.[0] ?? 0), examples: shown(added) },
    removed: { count: Number(counts[0]?.[1] ?? 0), examples: shown(removed) },
    changed: { count: 0, examples: [] },
  };
}

/** Rows that are appended all come; those that stand there already would stand twice. */
async function appended(
  { views, rows }: BothSides,
  compared: readonly LaidColumn[],
): Promise<Counts> {
  const list = compared.map((column) => askedCell(column, column.laid)).join(', ');
  const [twice, first] = (
    await ask([
      ...views,
      netRows(compared),
      'SELECT COALESCE(SUM(LEAST(stood, came)), 0)::DOUBLE FROM net',
      `SELECT ${list} FROM delivered WHERE ${rowColumn} < ${mostExamples} ORDER BY ${rowColumn}`,
    ])
  ).slice(-2) as [EngineRow[], EngineRow[]];
  return {
    standing: Number(twice[0]?.[0] ?? 0),
    added: { count: rows.delivered, examples: first.map((cells) => shownRow(cells, compared)) },
    removed: { count: 0, examples: [] },
    changed: { count: 0, examples: [] },
  };
}
