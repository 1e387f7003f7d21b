import type { ColumnKind, ColumnUnderstanding } from '../../../core/table';
import { fileColumn, type KeptColumn, keptColumns, keptTogether, rowColumn } from '../../columns';
import { dayNumber, relationOf } from '../../engine';
import { layOver } from '../layOver';
import type { PackedTable } from '../packTable';
import type { StandingTable } from '../versionRows';

/** A column of both sides: its name in statements, and which sides have it. */
export interface LaidColumn {
  name: string;
  kind: ColumnKind;
  /** its name in the relations of both sides */
  laid: string;
  /** how it is kept where both sides stand together */
  kept: KeptColumn;
  isStanding: boolean;
  isDelivered: boolean;
}

/** Rows that stand and rows that come, laid over one another for the engine. */
export interface BothSides {
  /** those of the source first */
  columns: LaidColumn[];
  understood: readonly ColumnUnderstanding[];
  /** statements that make the relations "standing" and "delivered" of them */
  views: string[];
  rows: { standing: number; delivered: number };
}

/**
 * Lays the rows of a version and those of a delivery over one another. A delivered column that holds
 * another kind of thing than the source's is none here.
 */
export function layBothSides(
  standing: Pick<StandingTable, 'columns' | 'count'> & { files: readonly string[] },
  delivered: Omit<PackedTable, 'remove'>,
): BothSides {
  const { columns: understood, names } = layOver(standing.columns, delivered.columns);
  const keptStanding = keptColumns(standing.columns);
  const sides = names.map((name, at) => {
    const old = standing.columns.findIndex((column) => column.name === name);
    const fresh = delivered.columns.findIndex((column) => column.name === name);
    const { kind } = understood[at] as ColumnUnderstanding;
    const isDelivered = fresh >= 0 && delivered.columns[fresh]?.kind === kind;
    const own = { standing: keptStanding[old], delivered: delivered.kept[fresh] };
    const kept = keptTogether(
      [own.standing, isDelivered ? own.delivered : undefined].flatMap((each) => each ?? []),
    );
    const column = { name, kind, laid: `l${at}`, kept, isStanding: old >= 0, isDelivered };
    return { column, old, fresh: isDelivered ? fresh : -1, own };
  });
  const columns = sides.map(({ column }) => column);
  const view = (side: 'standing' | 'delivered', files: readonly string[]) => {
    const list = sides.map(({ column, old, fresh, own }) =>
      cellsOf(column, side === 'standing' ? old : fresh, own[side]),
    );
    return `CREATE TEMP VIEW ${side} AS SELECT ${[rowColumn, ...list].join(', ')} FROM ${relationOf(files)}`;
  };
  return {
    columns,
    understood,
    views: [view('standing', standing.files), view('delivered', delivered.files)],
    rows: { standing: standing.count, delivered: delivered.rows },
  };
}

/** A column of one side; blank where the side has none. */
function cellsOf({ laid, kept }: LaidColumn, place: number, own: KeptColumn | undefined): string {
  if (place < 0 || !own) return `CAST(NULL AS ${typeOf(kept)}) AS ${laid}`;
  const cell = fileColumn(place);
  // What both together have no room for as decimals is held against one another as fractions.
  return kept.digits === 0 && own.digits > 0
    ? `CAST(${cell} AS DOUBLE) AS ${laid}`
    : `${cell} AS ${laid}`;
}

const typeOf = ({ kind, digits, decimals }: KeptColumn): string =>
  kind === 'date'
    ? 'DATE'
    : kind === 'text'
      ? 'VARCHAR'
      : digits === 0
        ? 'DOUBLE'
        : `DECIMAL(${digits}, ${decimals})`;

/** A cell as it is given back: days as numbers, figures as such. */
export function askedCell({ kind }: Pick<LaidColumn, 'kind'>, cell: string): string {
  if (kind === 'date') return dayNumber(cell);
  return kind === 'number' ? `CAST(${cell} AS DOUBLE)` : cell;
}

/** The columns that make a key, of those of both sides. */
export const keyColumns = ({ columns }: BothSides, keys: readonly string[]): LaidColumn[] =>
  keys.flatMap((key) => columns.find(({ name }) => name === key) ?? []);

/** Asks whether some keys stand more than once on a side. */
export const repeatedIn = (side: 'standing' | 'delivered', keys: readonly LaidColumn[]): string =>
  `SELECT COUNT(*) FROM (SELECT 1 FROM ${side} GROUP BY ${keys.map(({ laid }) => laid).join(', ')} HAVING COUNT(*) > 1 LIMIT 1)`;

/** Whether rows of both sides have the same key; blank is like blank. */
const sameKey = (keys: readonly LaidColumn[]): string =>
  keys.map(({ laid }) => `s.${laid} IS NOT DISTINCT FROM d.${laid}`).join(' AND ');

/**
 * Makes the table "matched": which row of the source ("before") each delivered row ("after") stands for,
 * and whether it differs. Of keys that stand several times, the last of the source goes with the first
 * that is delivered.
 * @param compared the columns in which they may differ
 * @param how whether keys may stand more than once, and rows of the source that nothing comes for are told
 */
export function matchRows(
  keys: readonly LaidColumn[],
  compared: readonly LaidColumn[],
  { repeated, left }: { repeated: boolean; left: boolean },
): string {
  const own = keys.map(({ laid }) => laid).join(', ');
  const side = (name: string, order: string) =>
    repeated
      ? `(SELECT *, row_number() OVER (PARTITION BY ${own} ORDER BY ${rowColumn} ${order}) AS nth FROM ${name})`
      : name;
  const differing = compared
    .filter(({ isDelivered }) => isDelivered)
    .map(({ laid }) => `s.${laid} IS DISTINCT FROM d.${laid}`);
  const differs = differing.length === 0 ? 'FALSE' : differing.join(' OR ');
  return `CREATE TEMP TABLE matched AS SELECT s.${rowColumn} AS before, d.${rowColumn} AS after,
    s.${rowColumn} IS NOT NULL AND d.${rowColumn} IS NOT NULL AND (${differs}) AS differs
    FROM ${side('delivered', 'ASC')} AS d ${left ? 'FULL' : 'LEFT'} JOIN ${side('standing', 'DESC')} AS s
    ON ${sameKey(keys)}${repeated ? ' AND s.nth = d.nth' : ''}`;
}

/** A delivered cell beside the row that it stands for, which keeps what the file has no column for. */
export const overlaid = ({ laid, isDelivered }: LaidColumn): string =>
  `${isDelivered ? 'd' : 's'}.${laid}`;

/** Delivered rows beside those that they stand for, as far as "matched" tells. */
export const deliveredOver = (lacks: boolean): string =>
  lacks
    ? `delivered AS d LEFT JOIN matched AS m ON m.after = d.${rowColumn} LEFT JOIN standing AS s ON s.${rowColumn} = m.before`
    : 'delivered AS d';

/** Rows of the source that nothing stands for. */
export const notReplaced = `standing AS s WHERE NOT EXISTS (SELECT 1 FROM matched WHERE matched.before = s.${rowColumn} AND matched.after IS NOT NULL)`;
