import type { Question, WholeForm } from '../../contract';
import { namesTotal, type PreparationContext, prepareRows, sayStep } from '../../core/preparation';
import type { Cell } from '../../core/table';

/** A column of more different words than these names no totals. */
const mostWords = 20_000;

/** Looks for words that name totals where there are more rows than can be compared with one another. */
export class TotalWords {
  private readonly known = new Map<string, boolean>();
  private readonly found = new Set<string>();
  private rows = 0;
  private total = 0;

  add(cell: Cell) {
    this.rows += 1;
    if (typeof cell !== 'string' || this.known.size > mostWords) return;
    let isTotal = this.known.get(cell);
    if (isTotal === undefined) {
      isTotal = namesTotal(cell);
      this.known.set(cell, isTotal);
      if (isTotal) this.found.add(cell.trim());
    }
    if (isTotal) this.total += 1;
  }

  /** Where nearly every row says so it is the name of a measure. */
  words(): string[] {
    return this.total <= this.rows / 2 ? [...this.found] : [];
  }
}

/**
 * What has to be decided about rows that say they are totals and that nobody could hold against others.
 * @param words by column
 * @param asked what is asked about totals anyway
 */
export function lateTotals(
  words: ReadonlyMap<string, string[]>,
  form: WholeForm,
  context: PreparationContext,
  asked: readonly Question[],
): Question[] {
  const [head] = form.steps;
  const { columns } = prepareRows(head ? [head] : [], context, context.firstRows.slice(0, 100));
  const told = [
    ...form.steps,
    ...asked.flatMap((each) => (each.kind === 'proposal' ? each.proposal.step : [])),
  ].flatMap((step) => (step.kind === 'totals' ? step : []));
  return [...words].flatMap(([column, found]): Question[] => {
    const isTold = (word: string) =>
      told.some((step) => step.column === column && (step.words?.includes(word) ?? true));
    const left = found.filter((word) => !isTold(word)).slice(0, 60);
    const step = {
      id: `totals-late-${column}`.slice(0, 40),
      kind: 'totals' as const,
      column,
      words: left,
    };
    const key = sayStep(step);
    if (left.length === 0 || !columns.includes(column) || form.seen.includes(key)) return [];
    const why = 'There are more rows than can be compared with one another, and some say so';
    return [{ kind: 'proposal', proposal: { step, replaces: null, why, key } }];
  });
}
