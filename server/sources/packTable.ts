import { rm } from 'node:fs/promises';
import type { ColumnUnderstanding } from '../../core/table';
import type { KeptColumn } from '../columns';
import { RowPacker, standingPath } from './rowPacker';
import type { TypedTable } from './typedTable';

/** A table whose rows stand in files of this server's folder, where the engine can be asked of them. */
export interface PackedTable {
  columns: readonly ColumnUnderstanding[];
  kept: readonly KeptColumn[];
  rows: number;
  files: readonly string[];
  /** Removes the files, once nobody asks any more. */
  remove(): Promise<void>;
}

/**
 * Packs the rows of a table for the engine.
 * @param onRows is told how many have been taken
 */
export async function packTable(
  { columns, rows: expected, batches }: TypedTable,
  onRows: (rows: number) => void = () => {},
): Promise<PackedTable> {
  const files: string[] = [];
  const remove = async () => {
    for (const file of files) await rm(file, { force: true });
  };
  const kinds = columns.map(({ kind }) => kind);
  const packer = new RowPacker(kinds, null, 0, expected, {
    take: async (piece) => void files.push(await standingPath(piece)),
    onTaken: onRows,
  });
  try {
    for await (const batch of batches()) await packer.add(batch);
    const { rows, kept } = await packer.finish();
    return { columns, kept: kept ?? [], rows, files, remove };
  } catch (error) {
    await packer.finish().catch(() => {});
    await remove();
    throw error;
  }
}
