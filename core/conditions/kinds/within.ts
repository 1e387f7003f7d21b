import { number, Sentence, ways } from '../../sentences';
import { mixed, object } from 'yup';
import { difference, figure, product } from '../../values';
import { byFigure, type ConditionKind } from '../condition';

/** Within so many % of the mark, or farther from it. */
export interface WithinCondition {
  kind: 'within';
  is: 'within' | 'beyond';
  percent: number;
}

/**
 * Whether a figure lies within x % of a mark: |figure - mark| at most x % of |mark|; at a mark of zero
 * only zero does.
 * @param percent of the mark: 5 for 5 %
 * @param exact whether figures and mark are decimals as they were written; else they are compared
 * within a relative 1e-9
 */
export const isWithin = (value: number, mark: number, percent: number, exact: boolean): boolean =>
  difference(
    Math.abs(difference(value, mark, exact)),
    product(product(Math.abs(mark), percent), 0.01),
    exact,
  ) <= 0;

const percent = number({ from: 0, to: 1000, first: 5 });

export const withinCondition: ConditionKind<WithinCondition> = {
  kind: 'within',
  sentence: ways<WithinCondition>(
    [
      ({ is }) => is === 'within',
      Sentence.of<WithinCondition>({ kind: 'within', is: 'within' })
        .words('is within ')
        .slot('percent', percent)
        .words('% of its mark'),
    ],
    [
      () => true,
      Sentence.of<WithinCondition>({ kind: 'within', is: 'beyond' })
        .words('is farther than ')
        .slot('percent', percent)
        .words('% from its mark'),
    ],
  ),
  schema: () =>
    object({
      kind: mixed<'within'>().oneOf(['within']).required(),
      is: mixed<WithinCondition['is']>().oneOf(['within', 'beyond']).required(),
      percent: figure().min(0).max(1000).required(),
    }),
  byMark: true,
  say: ({ is, percent }, { mark }) =>
    `${is === 'within' ? 'within' : 'farther than'} ${percent}% ${is === 'within' ? 'of' : 'from'} ${mark || 'its mark'}`,
  test: ({ is, percent }, { line, marks, exact }) =>
    byFigure((place) => {
      const [value, mark] = [line.figures[place] ?? null, marks[place] ?? null];
      if (value === null || mark === null) return null;
      return isWithin(value, mark, percent, exact) === (is === 'within');
    }),
};
