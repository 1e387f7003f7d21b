import { choice, partName, Sentence } from '../../sentences';
import { mixed, object, string } from 'yup';
import { type ConditionKind, never } from '../condition';
import { againstValues, type Side, sides, sideWords } from '../sides';

/** Beside a line among the yardsticks, or within or outside a band. */
export interface YardstickCondition {
  kind: 'yardstick';
  is: Side | 'inside' | 'outside';
  yardstick: string;
}

export const yardstickCondition: ConditionKind<YardstickCondition> = {
  kind: 'yardstick',
  sentence: Sentence.of<YardstickCondition>({ kind: 'yardstick' })
    .words('is ')
    .slot('is', choice({ ...sideWords, inside: 'within', outside: 'outside' }))
    .words(' ')
    .slot('yardstick', partName('yardstick', 'held')),
  schema: () =>
    object({
      kind: mixed<'yardstick'>().oneOf(['yardstick']).required(),
      is: mixed<YardstickCondition['is']>()
        .oneOf([...sides, 'inside', 'outside'])
        .required(),
      yardstick: string().defined().max(40),
    }),
  say: ({ is, yardstick }, names) => {
    const words = is === 'inside' ? 'within' : is === 'outside' ? 'outside' : sideWords[is];
    return `${words} ${names.yardstick(yardstick)}`;
  },
  test: ({ is, yardstick }, context) => {
    const found = context.yardsticks.find(({ id }) => id === yardstick);
    if (!found?.edges) return never;
    const { exact, edges } = found;
    if (is === 'inside' || is === 'outside') {
      // The edges of a band belong to it.
      const over = againstValues(context, edges.low, exact, 'atLeast');
      const under = againstValues(context, edges.high, exact, 'atMost');
      const both = (one: boolean | null, two: boolean | null) =>
        one === null || two === null ? null : (one && two) === (is === 'inside');
      return {
        thresholds: [...over.thresholds, ...under.thresholds],
        edges: false,
        at: (place) => both(over.at(place), under.at(place)),
        onStroke: (stroke, [one = NaN, two = NaN]) =>
          both(over.onStroke(stroke, [one]), under.onStroke(stroke, [two])),
      };
    }
    return againstValues(
      context,
      is === 'over' || is === 'atLeast' ? edges.high : edges.low,
      exact,
      is,
    );
  },
};
