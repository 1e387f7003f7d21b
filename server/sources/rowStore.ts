import { readFile, rm } from 'node:fs/promises';
import { setImmediate as immediate } from 'node:timers/promises';
import {
  columnFolder,
  type KeptColumn,
  packAlone,
  type RawColumn,
  RowGatherer,
  storePiece,
} from '../columns';
import type { CellValue } from '../../core/table';
import type { Database, StoredPiece } from '../database';
import { EngineMissing, engines } from '../engine';

/** Rows of up to so many are packed here: the engine would take longer to begin. */
const rowsAlone = 20_000;

/** How many cells, and how many rows at most, stand in one piece. */
const most = { cells: 8_000_000, rows: 983_040 };

/**
 * Writes typed rows as the pieces of a version, each in parts. While one piece is packed and stored, the
 * rows of the next are taken.
 */
export class RowStore {
  private readonly gatherer: RowGatherer;
  private readonly pieces: StoredPiece[] = [];
  private taken = 0;
  private stored = 0;
  private sending: Promise<void> = Promise.resolve();

  /**
   * @param kept how the columns are kept
   * @param expected how many rows come, as far as is known
   * @param onProgress is told how many rows have been taken, and how many the database has; may end the
   *   work by throwing
   */
  constructor(
    private readonly database: Database,
    private readonly versionId: number,
    private readonly kept: readonly KeptColumn[],
    expected: number,
    private readonly onProgress: (taken: number, stored: number) => void,
  ) {
    const fitting = Math.floor(most.cells / Math.max(1, kept.length));
    const capacity = Math.max(2048, Math.min(most.rows, fitting, expected));
    this.gatherer = new RowGatherer(
      kept.map(({ kind }) => kind),
      capacity,
    );
  }

  /** Takes rows; waits only when packing is behind. */
  async add(rows: readonly (readonly CellValue[])[]) {
    for (const values of rows) {
      this.gatherer.add(values);
      if (this.gatherer.isFull) await this.send();
    }
    this.onProgress(this.taken + this.gatherer.count, this.stored);
    // What keeps the lease has its turn, however quickly rows come.
    await immediate();
  }

  /** Stores what is left. @returns the pieces, in the order of their rows */
  async finish(): Promise<StoredPiece[]> {
    if (this.gatherer.count > 0) await this.send();
    await this.sending;
    return this.pieces;
  }

  private async send() {
    await this.sending;
    const rows = this.gatherer.count;
    const first = this.taken;
    const columns = this.gatherer.take();
    this.taken += rows;
    // Whoever waits next is told of a failure; nobody may be waiting when it comes.
    this.sending = this.store(columns, { first, rows });
    this.sending.catch(() => {});
  }

  private async store(columns: RawColumn[], { first, rows }: { first: number; rows: number }) {
    const { database, versionId, pieces } = this;
    const packed = await this.pack(columns, { first, rows });
    try {
      const place = { versionId, piece: pieces.length, rows };
      const piece = await storePiece(database, place, packed.content, () =>
        this.onProgress(this.taken, this.stored),
      );
      pieces.push(piece);
      // This server has it already, as far as there is room.
      if (packed.path) await columnFolder.adopt(piece.hash, packed.path);
      else await columnFolder.keep(piece.hash, packed.content).catch(() => {});
    } catch (error) {
      if (packed.path) await rm(packed.path, { force: true });
      throw error;
    }
    this.stored = first + rows;
    this.onProgress(this.taken, this.stored);
  }

  private async pack(columns: RawColumn[], { first, rows }: { first: number; rows: number }) {
    const alone = async () => ({
      content: await packAlone(this.kept, columns, { first, rows }),
      path: null,
    });
    if (rows <= rowsAlone) return alone();
    // Without room in the folder the engine cannot write; here nothing has to be written.
    const file = await columnFolder.freshPath().catch(() => null);
    if (file === null) return alone();
    try {
      await engines.run({ kind: 'pack', file, kept: this.kept, columns, first, rows });
      return { content: await readFile(file), path: file };
    } catch (error) {
      await rm(file, { force: true });
      if (error instanceof EngineMissing) return alone();
      throw error;
    }
  }
}
