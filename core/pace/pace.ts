import { difference, type Figures, sumFigures } from '../values';

/** What is needed per remaining period to reach a target, and where the present rate would land. */
export interface Pace {
  /** the sum of the finished periods that have a figure */
  done: number;
  /** what those periods were to bring */
  budgetToDate: number;
  /** what all periods are to bring */
  target: number;
  /** periods that are not finished; the open one counts whole */
  periodsLeft: number;
  /** done less budget to date */
  aheadBy: number;
  /** zero once the target is passed; null when no period is left */
  neededPerPeriodLeft: number | null;
  /** the target is reached, or what may be spent is used up */
  met: boolean;
  /** done and the mean of the finished periods for each one left; null before the first figure */
  landsAtMeanRate: number | null;
  /** done, grown as the budget still grows; null where the budget to date is zero */
  landsAtBudgetShape: number | null;
}

/**
 * Finds the pace of an additive measure within a year or another stretch of periods.
 * @param marks what each period is to bring
 * @param figures what each has brought; those of periods that are not finished do not count
 * @param finished one a period
 * @returns null when nothing is to be reached
 */
export function findPace(
  marks: Figures,
  figures: Figures,
  finished: readonly boolean[],
  exact: boolean,
): Pace | null {
  const target = sumFigures(marks, exact);
  if (target === null) return null;
  const counted = marks.map(
    (_, place) => finished[place] === true && (figures[place] ?? null) !== null,
  );
  const sum = (values: Figures) =>
    sumFigures(
      values.filter((_, place) => counted[place]),
      exact,
    ) ?? 0;
  const done = sum(figures);
  const budgetToDate = sum(marks);
  const count = counted.filter(Boolean).length;
  const periodsLeft = marks.filter((_, place) => finished[place] !== true).length;
  const left = difference(target, done, exact);
  return {
    done,
    budgetToDate,
    target,
    periodsLeft,
    aheadBy: difference(done, budgetToDate, exact),
    neededPerPeriodLeft: periodsLeft === 0 ? null : Math.max(0, left) / periodsLeft,
    met: left <= 0,
    landsAtMeanRate: count === 0 ? null : done + (done / count) * periodsLeft,
    landsAtBudgetShape: budgetToDate === 0 ? null : (done * target) / budgetToDate,
  };
}
