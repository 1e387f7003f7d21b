import type { ColumnProfile, WholeForm } from '../../contract';
import type { DatePattern } from '../../core/calendar';
import { type Cell, Profiler } from '../../core/table';
import { cutText } from '../../core/values';
import { Doubts } from './doubts';
import { TotalWords } from './lateTotals';
import type { TypedRow } from './typedRows';

const shownRows = 40;
const mostSigns = 40;

/** Cells as they are shown: nobody reads a longer one whole. */
export const shownCells = (cells: readonly Cell[]): Cell[] =>
  cells.map((cell) => (typeof cell === 'string' ? cutText(cell, 300) : cell));

/** Looks at every row of a table and says what its columns hold. */
export class Survey {
  private rows = 0;
  private readonly profilers: Profiler[];
  private readonly doubts = new Doubts();
  private readonly preview: Cell[][] = [];
  /** the different days of the first column of dates */
  private readonly days = new Set<number>();
  private readonly datePlace: number;
  private readonly signs = new Map<string, number>();
  /** bytes that are no text in the encoding have been met */
  broken = false;

  private readonly totals: (TotalWords | null)[];

  /** @param whole whether its first rows are all that there are, so that totals have been looked for */
  constructor(
    private readonly form: WholeForm,
    whole: boolean,
  ) {
    this.profilers = form.columns.map(({ kind }) => new Profiler(kind));
    this.totals = form.columns.map(({ kind }) =>
      kind === 'text' && !whole ? new TotalWords() : null,
    );
    this.datePlace = form.columns.findIndex(({ kind }) => kind === 'date');
  }

  take = (row: TypedRow) => {
    this.rows += 1;
    if (this.preview.length < shownRows) this.preview.push(shownCells(row.cells));
    const odd = row.doubtful.length > 0 ? new Set(row.doubtful.map(({ column }) => column)) : null;
    for (let place = 0; place < this.profilers.length; place += 1) {
      const value = row.values[place] ?? null;
      if (value === null) {
        const cell = row.cells[place];
        if (odd?.has(this.form.columns[place]?.name ?? '')) continue;
        if (typeof cell === 'string' && cell !== '') this.countSign(cell.trim());
      } else if (typeof value === 'string' && value.includes('\ufffd')) this.broken = true;
      this.profilers[place]?.add(value);
      if (value !== null) this.totals[place]?.add(value);
    }
    const day = row.values[this.datePlace];
    if (typeof day === 'number') this.days.add(day);
    this.doubts.take(row);
  };

  /** The days of the first column of dates, ascending. */
  dates(): { column: string; days: number[]; writtenAs: DatePattern | null } | null {
    const column = this.form.columns[this.datePlace];
    if (!column) return null;
    const days = [...this.days].sort((a, b) => a - b);
    return { column: column.name, days, writtenAs: column.datePattern };
  }

  /** Words that name totals, by column. */
  totalWords(): Map<string, string[]> {
    return new Map(
      this.form.columns.map(({ name }, place) => [name, this.totals[place]?.words() ?? []]),
    );
  }

  found() {
    const { total, listed, byColumn } = this.doubts.found();
    const found: ColumnProfile[] = this.profilers.map((profiler, place) => ({
      ...profiler.finish(),
      doubtful: byColumn[this.form.columns[place]?.name ?? ''] ?? 0,
    }));
    return {
      rows: this.rows,
      preview: this.preview,
      found,
      doubtful: listed,
      doubtfulTotal: total,
      signs: [...this.signs].map(([sign, count]) => ({ sign, count })),
    };
  }

  private countSign(sign: string) {
    if (sign === '') return;
    const before = this.signs.get(sign);
    if (before !== undefined || this.signs.size < mostSigns)
      this.signs.set(sign, (before ?? 0) + 1);
  }
}
