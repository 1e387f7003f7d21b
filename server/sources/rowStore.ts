import { rm } from 'node:fs/promises';
import { setImmediate as immediate } from 'node:timers/promises';
import {
  columnFolder,
  copyPiece,
  type InPieces,
  type KeptColumn,
  keptTogether,
  storePiece,
} from '../columns';
import type { CellValue, ColumnKind } from '../../core/table';
import type { Database, StoredPiece } from '../database';
import { type PackedPiece, RowPacker } from './rowPacker';

/** What a version holds once it is written. */
export interface Written {
  rows: number;
  /** in the order of their rows */
  pieces: StoredPiece[];
  /** how its columns are kept */
  kept: KeptColumn[];
}

/** Writes the rows of a version as pieces, each in parts. */
export class RowStore {
  private readonly pieces: StoredPiece[] = [];
  /** how columns are kept of what was not taken row by row */
  private readonly found: (readonly KeptColumn[])[] = [];
  private packer: RowPacker | null = null;
  private taken = 0;
  private stored = 0;

  /**
   * @param kinds of the columns
   * @param kept how they are kept; null: as the rows need that come
   * @param expected how many rows come, as far as is known
   * @param onProgress is told how many rows have been taken, and how many the database has; may end the
   *   work by throwing
   */
  constructor(
    private readonly database: Database,
    private readonly versionId: number,
    private readonly kinds: readonly ColumnKind[],
    private readonly kept: readonly KeptColumn[] | null,
    private readonly expected: number,
    private readonly onProgress: (taken: number, stored: number) => void,
  ) {}

  /**
   * Lets pieces of another version stand before all rows that come, as they are.
   * @param kept how its columns are kept, which are the first ones here
   */
  async copy({ versionId, pieces }: InPieces, kept: readonly KeptColumn[]) {
    this.found.push(kept);
    for (const [piece, stands] of pieces.entries()) {
      const to = { versionId: this.versionId, piece: this.pieces.length };
      await copyPiece(this.database, { versionId, piece, stands }, to);
      this.count(stands);
    }
  }

  /** Takes rows; waits only when packing is behind. */
  async add(rows: readonly (readonly CellValue[])[]) {
    this.packer ??= new RowPacker(this.kinds, this.kept, this.stored, this.expected, {
      take: (piece) => this.store(piece),
      onTaken: (taken) => this.tell(taken),
    });
    await this.packer.add(rows);
    // What keeps the lease has its turn, however quickly rows come.
    await immediate();
  }

  /** Takes a piece that is packed already, after all that came. */
  async keep(packed: PackedPiece, kept: readonly KeptColumn[]) {
    this.found.push(kept);
    await this.store(packed);
  }

  private async store(packed: PackedPiece) {
    const { database, versionId, pieces } = this;
    try {
      const place = { versionId, piece: pieces.length, rows: packed.rows };
      const piece = await storePiece(database, place, packed.content, () => this.tell(this.taken));
      // This server has it already, as far as there is room.
      if (packed.path) await columnFolder.adopt(piece.hash, packed.path);
      else await columnFolder.keep(piece.hash, packed.content).catch(() => {});
      this.count(piece);
    } catch (error) {
      if (packed.path) await rm(packed.path, { force: true });
      throw error;
    }
  }

  /** Stores what is left. */
  async finish(): Promise<Written> {
    const packed = await this.packer?.finish();
    const found = packed?.kept ? [...this.found, packed.kept] : this.found;
    const kept = this.kinds.map((kind, place) => {
      const each = found.flatMap((columns) => columns[place] ?? []);
      return each.length > 0 ? keptTogether(each) : { kind, digits: 0, decimals: 0 };
    });
    return { rows: this.stored, pieces: this.pieces, kept };
  }

  private count(piece: StoredPiece) {
    this.pieces.push(piece);
    this.stored += piece.rows;
    this.tell(Math.max(this.taken, this.stored));
  }

  private tell(taken: number) {
    this.taken = taken;
    this.onProgress(taken, this.stored);
  }
}
