import type { Cell } from '../table';
import { ProblemError } from '../values';
import { kindOf, type Step } from './kinds';
import { isHead } from './kinds/head';
import type { Emit, PreparationContext, Row, Sheet, Stage } from './step';

/** A step that does not fit the rows that come to it, and why. */
export interface Misfit {
  /** the step's id */
  step: string;
  sentence: string;
}

/** A preparation at work. */
export interface Prepared {
  columns: readonly string[];
  /** how many columns the file's own rows have */
  width: number;
  push(row: Row): void;
  /** lets go of what was held back; nothing may be pushed after it */
  end(): void;
  /** the steps that do not fit and were passed over */
  misfits: readonly Misfit[];
  /** by the id of their step: what was done so far */
  remarks(): Record<string, string>;
}

/**
 * Makes the way that rows of a file take through the steps of a preparation. A step that does not fit
 * is passed over and named, so that the others can be seen.
 * @param emit is given each row that comes out
 */
export function prepare(steps: readonly Step[], context: PreparationContext, emit: Emit): Prepared {
  let columns: readonly string[] = [];
  const stages: { id: string; stage: Stage }[] = [];
  const misfits: Misfit[] = [];
  for (const step of steps) {
    if (step.off && !isHead(step)) continue;
    try {
      const stage = kindOf(step).begin(step, columns, context);
      columns = stage.columns;
      stages.push({ id: step.id, stage });
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error;
      misfits.push({ step: step.id, sentence: error.problem.sentence });
    }
  }
  const emits = stages.reduceRight<Emit[]>(
    (later, { stage }) => {
      const [next = emit] = later;
      return [(row) => stage.push(row, next), ...later];
    },
    [emit],
  );
  return {
    columns,
    width: stages[0]?.stage.columns.length ?? 0,
    misfits,
    push: emits[0] ?? emit,
    end: () => stages.forEach(({ stage }, place) => stage.end?.(emits[place + 1] ?? emit)),
    remarks: () =>
      Object.fromEntries(
        stages.flatMap(({ id, stage }) => {
          const said = stage.remark?.();
          return said ? [[id, said]] : [];
        }),
      ),
  };
}

/**
 * Runs a preparation over rows that are all there.
 * @param steps in their order
 * @param context of the file: its decimal mark, its title
 * @param rows every row, of cells as they were read
 */
export function prepareRows(
  steps: readonly Step[],
  context: PreparationContext,
  rows: readonly (readonly Cell[])[],
): Sheet & { misfits: readonly Misfit[]; remarks: Record<string, string>; numbers: number[] } {
  const out: (readonly Cell[])[] = [];
  const numbers: number[] = [];
  const way = prepare(steps, context, ({ number, cells }) => {
    out.push(cells);
    numbers.push(number);
  });
  rows.forEach((cells, place) => way.push({ number: place + 1, cells }));
  way.end();
  const { columns, misfits } = way;
  return { columns, rows: out, numbers, misfits, remarks: way.remarks() };
}
