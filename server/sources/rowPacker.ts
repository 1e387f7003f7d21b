import { readFile, rm, writeFile } from 'node:fs/promises';
import {
  columnFolder,
  digitsFor,
  type KeptColumn,
  keptTogether,
  packAlone,
  type RawColumn,
  RowGatherer,
} from '../columns';
import type { CellValue, ColumnKind } from '../../core/table';
import { EngineMissing, engines } from '../engine';

/** Rows of up to so many are packed here: the engine would take longer to begin. */
const rowsAlone = 20_000;

/** How many cells, and how many rows at most, stand in one piece. */
const most = { cells: 8_000_000, rows: 245_760 };

/** How many rows stand in a piece of a table with so many columns. */
export const rowsOfPiece = (columns: number): number =>
  Math.min(most.rows, Math.floor(most.cells / Math.max(1, columns)));

/** Rows that were packed as a Parquet file. */
export interface PackedPiece {
  rows: number;
  content: Uint8Array;
  /** where it stands in this server's folder, under a name of its own; null where it stands nowhere */
  path: string | null;
}

/** What is done with pieces, and who is told how far it is. */
export interface PackedTo {
  take(piece: PackedPiece): Promise<void>;
  /** is told how many rows have come; may end the work by throwing */
  onTaken(rows: number): void;
}

/**
 * Packs typed rows as pieces. While one piece is packed and taken away, the rows of the next come.
 */
export class RowPacker {
  private readonly gatherer: RowGatherer;
  /** how the columns of each piece are kept */
  private readonly found: KeptColumn[][] = [];
  private sending: Promise<void> = Promise.resolve();

  /**
   * @param kinds of the columns
   * @param kept how they are kept; null: each piece with the digits that its own figures need
   * @param first the number of the first row
   * @param expected how many rows come, as far as is known
   */
  constructor(
    private readonly kinds: readonly ColumnKind[],
    private readonly kept: readonly KeptColumn[] | null,
    private first: number,
    expected: number,
    private readonly to: PackedTo,
  ) {
    const capacity = Math.max(2048, Math.min(rowsOfPiece(kinds.length), expected));
    this.gatherer = new RowGatherer(kinds, capacity, kept === null);
  }

  /** Takes rows; waits only when packing is behind. */
  async add(rows: readonly (readonly CellValue[])[]) {
    for (const values of rows) {
      this.gatherer.add(values);
      if (this.gatherer.isFull) await this.send();
    }
    this.to.onTaken(this.first + this.gatherer.count);
  }

  /**
   * Packs what is left.
   * @returns how many rows there are, those before the first among them, and how all columns are kept;
   *   null where no row came
   */
  async finish(): Promise<{ rows: number; kept: KeptColumn[] | null }> {
    if (this.gatherer.count > 0) await this.send();
    await this.sending;
    const kept =
      this.found.length === 0
        ? null
        : this.kinds.map((_, place) =>
            keptTogether(this.found.map((piece) => piece[place] as KeptColumn)),
          );
    return { rows: this.first, kept };
  }

  private async send() {
    await this.sending;
    const range = { first: this.first, rows: this.gatherer.count };
    const { columns, needs } = this.gatherer.take();
    this.first += range.rows;
    const kept = this.kinds.map((kind, place): KeptColumn => {
      const given = this.kept?.[place];
      const need = needs[place] ?? { decimals: 0, largest: 0 };
      return given ?? { kind, decimals: need.decimals, digits: digitsFor(kind, need) };
    });
    this.found.push(kept);
    // Whoever waits next is told of a failure; nobody may be waiting when it comes.
    this.sending = packRows(kept, columns, range).then((piece) => this.to.take(piece));
    this.sending.catch(() => {});
  }
}

async function packRows(
  kept: readonly KeptColumn[],
  columns: RawColumn[],
  { first, rows }: { first: number; rows: number },
): Promise<PackedPiece> {
  const alone = async () => ({
    rows,
    content: await packAlone(kept, columns, { first, rows }),
    path: null,
  });
  if (rows <= rowsAlone) return alone();
  // Without room in the folder the engine cannot write; here nothing has to be written.
  const file = await columnFolder.freshPath().catch(() => null);
  if (file === null) return alone();
  try {
    await engines.run({ kind: 'pack', file, kept, columns, first, rows });
    return { rows, content: await readFile(file), path: file };
  } catch (error) {
    await rm(file, { force: true });
    if (error instanceof EngineMissing) return alone();
    throw error;
  }
}

/** Where a piece stands in this server's folder; it is written there if it stands nowhere. */
export async function standingPath({ path, content }: PackedPiece): Promise<string> {
  if (path !== null) return path;
  const fresh = await columnFolder.freshPath();
  await writeFile(fresh, content);
  return fresh;
}
