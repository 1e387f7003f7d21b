import { bringInLimits, type Understanding } from '../../contract';
import { cutText } from '../../core/values';
import type { FoundDoubts } from '../sources';
import type { TypedRow } from './typedRows';

/** Counts the cells that do not fit their column, and lists the first of them. */
export class Doubts {
  private readonly listed: Understanding['doubtful'] = [];
  private readonly byColumn: Record<string, number> = {};
  private total = 0;

  take({ number, doubtful }: TypedRow) {
    this.total += doubtful.length;
    for (const { column, text } of doubtful) {
      this.byColumn[column] = (this.byColumn[column] ?? 0) + 1;
      if (this.listed.length < bringInLimits.listed)
        this.listed.push({ row: number, column, text: cutText(text, 200) });
    }
  }

  found(): FoundDoubts {
    return { total: this.total, listed: this.listed, byColumn: this.byColumn };
  }
}
