import { readFile, rm } from 'node:fs/promises';
import { columnFolder, rowColumn, fileColumn } from '../../columns';
import { engines } from '../../engine';
import { settings } from '../../settings';
import type { StoredPiece } from '../../database';
import { keysNotUnique } from '../layOver';
import { rowsOfPiece } from '../rowPacker';
import type { StorableTable } from '../typedTable';
import {
  type BothSides,
  deliveredOver,
  keyColumns,
  matchRows,
  notReplaced,
  overlaid,
  repeatedIn,
} from './bothSides';

/**
 * Lays delivered rows over those of a source with the same keys, by the engine: first those that are
 * delivered, then those that stay, as `mergeTables` does row by row.
 * @param pieces of the version that stands
 */
export function updateLarge(
  sides: BothSides,
  pieces: readonly StoredPiece[],
  keys: readonly string[],
): StorableTable {
  const { columns, rows } = sides;
  return {
    columns: sides.understood,
    found: null,
    rows: rows.standing + rows.delivered,
    write: async (store) => {
      await requireUnique(sides, keys);
      const own = keyColumns(sides, keys);
      const most = rowsOfPiece(columns.length);
      const ranges = [
        ...rangesOf(rows.delivered, most).map((range) => deliveredRows(sides, range)),
        ...groupsOf(pieces, most).map((range) => standingRows(sides, range)),
      ];
      const files: string[] = [];
      for (const _ of ranges) files.push(await columnFolder.freshPath());
      const prepared = [...sides.views, matchRows(own, [], { repeated: false, left: false })];
      const copies = ranges.map(
        (select, at) =>
          `COPY (${select}) TO '${quoted(files[at] as string)}' (FORMAT parquet, COMPRESSION zstd)`,
      );
      try {
        const script = { kind: 'script', statements: [...prepared, ...copies] } as const;
        const answers = await engines.run(script, { seconds: settings.engineDeliverySeconds });
        const kept = columns.map((column) => column.kept);
        for (const [at, path] of files.entries()) {
          const count = Number(answers[prepared.length + at]?.[0]?.[0] ?? 0);
          if (count > 0)
            await store.keep({ rows: count, content: await readFile(path), path }, kept);
        }
      } finally {
        for (const file of files) await rm(file, { force: true });
      }
    },
  };
}

const quoted = (path: string) => path.replaceAll("'", "''");

/** @throws ProblemError when keys do not tell rows apart */
export async function requireUnique({ views, ...sides }: BothSides, keys: readonly string[]) {
  const own = keyColumns({ views, ...sides }, keys);
  const statements = [...views, repeatedIn('delivered', own), repeatedIn('standing', own)];
  const watch = { seconds: settings.engineDeliverySeconds };
  const [ofFile, ofSource] = (await engines.run({ kind: 'script', statements }, watch)).slice(-2);
  if (ofSource?.[0]?.[0] !== 0) throw keysNotUnique(keys, 'the source');
  if (ofFile?.[0]?.[0] !== 0) throw keysNotUnique(keys, 'this file');
}

interface Range {
  from: number;
  to: number;
}

function rangesOf(rows: number, most: number): Range[] {
  const count = Math.ceil(rows / most);
  return Array.from({ length: count }, (_, at) => ({
    from: at * most,
    to: Math.min(rows, (at + 1) * most),
  }));
}

/** Pieces that follow one another as one, while they have room in one. */
function groupsOf(pieces: readonly StoredPiece[], most: number): Range[] {
  const groups: Range[] = [];
  let from = 0;
  for (const { rows } of pieces) {
    const last = groups.at(-1);
    if (last && last.to - last.from + rows <= most) last.to += rows;
    else groups.push({ from, to: from + rows });
    from += rows;
  }
  return groups;
}

const within = (row: string, { from, to }: Range) => `${row} >= ${from} AND ${row} < ${to}`;

function deliveredRows({ columns }: BothSides, range: Range): string {
  const row = `d.${rowColumn}`;
  const list = columns.map((column, place) => `${overlaid(column)} AS ${fileColumn(place)}`);
  const lacks = columns.some(({ isDelivered }) => !isDelivered);
  return `SELECT ${row} AS ${rowColumn}, ${list.join(', ')} FROM ${deliveredOver(lacks)} WHERE ${within(row, range)} ORDER BY ${row}`;
}

/** Rows that stay come after all that are delivered, numbered on. */
function standingRows({ columns, rows }: BothSides, range: Range): string {
  const row = `s.${rowColumn}`;
  const list = columns.map(({ laid }, place) => `s.${laid} AS ${fileColumn(place)}`);
  const gone = `(SELECT COUNT(*) FROM matched WHERE after IS NOT NULL AND before < ${range.from})`;
  const number = `CAST(${rows.delivered} + ${range.from} - ${gone} + row_number() OVER (ORDER BY ${row}) - 1 AS INTEGER)`;
  return `SELECT ${number} AS ${rowColumn}, ${list.join(', ')} FROM ${notReplaced} AND ${within(row, range)} ORDER BY ${row}`;
}
