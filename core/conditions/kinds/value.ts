import { choice, Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import { type Edge, edgeEntry, edgeSchema, findEdge, sayEdge } from '../../yardsticks';
import { type ConditionKind, never } from '../condition';
import { againstValues, type Side, sides, sideWords } from '../sides';

/** Beside a value: a number, a dial, a statistic. */
export interface ValueCondition {
  kind: 'value';
  is: Side;
  to: Edge;
}

export const valueCondition: ConditionKind<ValueCondition> = {
  kind: 'value',
  sentence: Sentence.of<ValueCondition>({ kind: 'value' })
    .words('is ')
    .slot('is', choice(sideWords))
    .words(' ')
    .slot('to', edgeEntry),
  schema: () =>
    object({
      kind: mixed<'value'>().oneOf(['value']).required(),
      is: mixed<Side>().oneOf(sides).required(),
      to: edgeSchema,
    }),
  say: ({ is, to }, names) =>
    `${sideWords[is]} ${sayEdge(to, names.dial)}${'series' in to ? ` of ${names.series(to.series)}` : ''}`,
  test: ({ is, to }, context) => {
    const { value, exact } = findEdge(to, context);
    if (value === null) return never;
    return againstValues(
      context,
      context.line.figures.map(() => value),
      exact,
      is,
    );
  },
};
