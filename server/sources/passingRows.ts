import { type CellValue, type ColumnKind, type Profile, Profiler } from '../../core/table';
import { previewRows } from './rowText';
import type { WritesRows } from './typedTable';

/** Looks at rows on their way to be stored; those that stand packed go by unseen. */
export class PassingRows implements WritesRows {
  private readonly profilers: Profiler[];
  private seen: (readonly CellValue[])[] = [];
  private isWhole = true;

  /** @param kinds of the columns that are looked at; null: none */
  constructor(
    private readonly store: WritesRows,
    kinds: readonly ColumnKind[] | null,
  ) {
    this.profilers = (kinds ?? []).map((kind) => new Profiler(kind));
  }

  /** The first rows; null when some went by before them. */
  get first() {
    return this.isWhole ? this.seen : null;
  }

  /** What the rows hold; null when some went by. */
  profiles(): Profile[] | null {
    return this.isWhole ? this.profilers.map((profiler) => profiler.finish()) : null;
  }

  async add(batch: readonly (readonly CellValue[])[]) {
    if (this.seen.length < previewRows)
      this.seen.push(...batch.slice(0, previewRows - this.seen.length));
    if (this.isWhole)
      for (const values of batch)
        for (let place = 0; place < this.profilers.length; place += 1)
          this.profilers[place]?.add(values[place] ?? null);
    await this.store.add(batch);
  }

  async copy(...pieces: Parameters<WritesRows['copy']>) {
    this.isWhole = false;
    await this.store.copy(...pieces);
  }

  async keep(...piece: Parameters<WritesRows['keep']>) {
    this.isWhole = false;
    await this.store.keep(...piece);
  }
}
