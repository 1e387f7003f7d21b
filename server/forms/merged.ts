import type { Range } from '@e965/xlsx';
import { settings } from '../settings';
import { tooManyCells } from './refusals';

/** A cell of a sheet, its row and column counted from 0. */
export interface CellPlace {
  r: number;
  c: number;
}

/**
 * The cells that were merged into others, row by row: rows have to be asked for in their order.
 * @param end the last cell that is laid out; nothing is merged beyond it
 * @throws ProblemError when they cover more cells than a sheet may have
 */
export class MergedCells {
  private readonly waiting: Range[];
  private active: Range[] = [];

  constructor(merges: readonly Range[], end: CellPlace) {
    this.waiting = merges
      .map(({ s, e }) => ({ s, e: { r: Math.min(e.r, end.r), c: Math.min(e.c, end.c) } }))
      .filter(({ s, e }) => s.r <= e.r && s.c <= e.c)
      .sort((one, two) => two.s.r - one.s.r);
    const covered = this.waiting.reduce(
      (sum, { s, e }) => sum + (e.r - s.r + 1) * (e.c - s.c + 1),
      0,
    );
    if (covered > settings.sheetCells) throw tooManyCells();
  }

  /** By column of a row: the cell whose value it shows. */
  ofRow(row: number): Map<number, CellPlace> {
    while (this.waiting.length > 0 && (this.waiting.at(-1) as Range).s.r <= row)
      this.active.push(this.waiting.pop() as Range);
    this.active = this.active.filter(({ e }) => e.r >= row);
    const found = new Map<number, CellPlace>();
    for (const { s, e } of this.active)
      for (let column = s.c; column <= e.c; column += 1) found.set(column, s);
    return found;
  }
}
