import { mixed, object } from 'yup';
import { byFigure, type ConditionKind } from '../../../core/conditions/condition';
import { number, Sentence } from '../../../core/sentences';
import { figure } from '../../../core/values';

/** A multiple of a number. */
interface MultipleCondition {
  kind: 'multiple';
  of: number;
}

export const multiple: ConditionKind<MultipleCondition> = {
  kind: 'multiple',
  sentence: Sentence.of<MultipleCondition>({ kind: 'multiple' })
    .words('is a multiple of ')
    .slot('of', number({ from: 1, whole: true, first: 10 })),
  schema: () =>
    object({
      kind: mixed<'multiple'>().oneOf(['multiple']).required(),
      of: figure().integer().min(1).required(),
    }),
  say: ({ of }) => `a multiple of ${of}`,
  test: ({ of }, { line: { figures } }) =>
    byFigure((place) => {
      const value = figures[place] ?? null;
      return value === null ? null : value % of === 0;
    }),
};
