import vectors from '../vectors/pace.json';
import { findPace } from './index';

it.each(vectors.cases)('finds the pace of $finishedActuals against $budget', (vector) => {
  const { budget, finishedActuals, ...wanted } = vector;
  const finished = budget.map((_, place) => place < finishedActuals.length);
  // What is not finished does not count, whatever it has brought.
  const figures = budget.map((_, place) => finishedActuals[place] ?? 1e6);
  const found = findPace(budget, figures, finished, true);
  for (const [name, value] of Object.entries(wanted)) {
    const own = found?.[name as keyof typeof wanted];
    if (typeof value === 'number') expect(own).toBeCloseTo(value, 9);
    else expect(own).toBe(value);
  }
});

it('leaves a finished period without a figure out of what was to be brought to date', () => {
  expect(
    findPace([10, 10, 10, 10], [8, null, 12, null], [true, true, true, false], true),
  ).toMatchObject({
    done: 20,
    budgetToDate: 20,
    aheadBy: 0,
    periodsLeft: 1,
    neededPerPeriodLeft: 20,
    landsAtMeanRate: 30,
  });
  expect(findPace([null, null], [1, 2], [true, true], true)).toBeNull();
});
