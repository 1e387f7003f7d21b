import {
  type InPieces,
  joined,
  keptColumns,
  pieceContent,
  pieceFile,
  type RawColumn,
  type RowRange,
  unpackAlone,
} from '../columns';
import type { Database, StoredColumn } from '../database';
import { EngineMissing, engines, FileGone } from '../engine';
import { settings } from '../settings';

/** A version as far as its rows can be read. */
export interface ReadableVersion extends InPieces {
  rows: number;
  columns: readonly StoredColumn[];
}

/**
 * Whether the rows of a version are asked of the engine.
 */
export const isLarge = ({ rows }: Pick<ReadableVersion, 'rows'>): boolean =>
  rows > settings.rowsWithoutEngine;

/**
 * Reads columns of a version.
 * @param places of the columns in their version
 * @param range the rows that are read, by their numbers; missing: all
 */
export async function readColumns(
  database: Database,
  version: ReadableVersion,
  places: readonly number[],
  range: RowRange = { from: 0, to: version.rows },
): Promise<RawColumn[]> {
  const kept = keptColumns(version.columns);
  const within = piecesWithin(version, range);
  if (isLarge(version)) {
    try {
      // The last piece has every column, also those that earlier ones lack.
      const read = [...within.map(({ piece }) => piece), version.pieces.length - 1];
      const ask = async () => {
        const files = await filesOf(database, version, [...new Set(read)]);
        return engines.run({ kind: 'columns', files, kept, places, ...range });
      };
      return await ask().catch((error: unknown) => {
        if (error instanceof FileGone) return ask();
        throw error;
      });
    } catch (error) {
      // It takes longer, and comes to the same.
      if (!(error instanceof EngineMissing)) throw error;
    }
  }
  const read: RawColumn[][] = [];
  for (const { piece, from, to } of within) {
    const content = await pieceContent(database, version, piece);
    read.push(await unpackAlone(new Uint8Array(content).buffer, kept, places, { from, to }));
  }
  return read.length > 0
    ? joined(read)
    : places.map((place) => emptyOf((version.columns[place] as StoredColumn).kind));
}

/** The pieces of a version, as files that the engine can read. */
export async function filesOf(
  database: Database,
  version: InPieces,
  pieces: readonly number[] = version.pieces.map((_, piece) => piece),
): Promise<string[]> {
  const files: string[] = [];
  for (const piece of pieces) files.push(await pieceFile(database, version, piece));
  return files;
}

/** The pieces in which some rows are, and which of their own those are. */
function piecesWithin({ pieces }: InPieces, { from, to }: RowRange) {
  let first = 0;
  return pieces.flatMap(({ rows }, piece) => {
    const begins = first;
    first += rows;
    const own = { from: Math.max(0, from - begins), to: Math.min(rows, to - begins) };
    return own.from < own.to ? [{ piece, ...own }] : [];
  });
}

const emptyOf = (kind: StoredColumn['kind']): RawColumn =>
  kind === 'date'
    ? { kind, days: new Int32Array() }
    : kind === 'number'
      ? { kind, values: new Float64Array() }
      : { kind, codes: new Int32Array(), words: [] };
