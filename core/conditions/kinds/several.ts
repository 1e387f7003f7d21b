import {
  between,
  choice,
  type Entry,
  later,
  orNone,
  Sentence,
  several as severalOf,
} from '../../sentences';
import { array, lazy, mixed, object } from 'yup';
import type { ConditionKind, Test } from '../condition';

/** All of several conditions, or any of them. */
export interface SeveralCondition<Each> {
  kind: 'several';
  how: 'all' | 'any';
  of: Each[];
}

/** More conditions than these in one cannot be read. */
const most = 6;

/** Holds when all do, or when any does; what one cannot tell, the others may decide. */
function joined(
  answers: readonly (boolean | null)[],
  how: SeveralCondition<unknown>['how'],
): boolean | null {
  const decisive = how === 'any';
  if (answers.includes(decisive)) return decisive;
  return answers.includes(null) || answers.length === 0 ? null : !decisive;
}

/** @param all every kind, so that one can hold others */
export const severalCondition = <Each extends { kind: string }>(all: {
  schema: () => unknown;
  sentence: () => Entry<Each>;
  say: ConditionKind<Each>['say'];
  test: ConditionKind<Each>['test'];
}): ConditionKind<SeveralCondition<Each>> => ({
  kind: 'several',
  sentence: Sentence.of<SeveralCondition<Each>>({ kind: 'several' })
    .words('meets ')
    .slot('how', choice({ all: 'all', any: 'any' }))
    .words(' of ')
    .slot('of', orNone('nothing', severalOf(between('(', later(all.sentence), ')')))),
  // Made when it is asked for: it holds itself.
  schema: () =>
    lazy(() =>
      object({
        kind: mixed<'several'>().oneOf(['several']).required(),
        how: mixed<SeveralCondition<Each>['how']>().oneOf(['all', 'any']).required(),
        of: array(all.schema() as never)
          .max(most)
          .required(),
      }),
    ),
  say: ({ how, of }, names) =>
    of.map((each) => all.say(each, names)).join(how === 'all' ? ' and ' : ' or ') || 'nothing yet',
  test: ({ how, of }, context): Test => {
    const tests = of.map((each) => all.test(each, context));
    let from = 0;
    const own = tests.map(({ thresholds }) => {
      const range = [from, from + thresholds.length] as const;
      from += thresholds.length;
      return range;
    });
    return {
      thresholds: tests.flatMap(({ thresholds }) => thresholds),
      edges: tests.some(({ edges }) => edges),
      at: (place) =>
        joined(
          tests.map(({ at }) => at(place)),
          how,
        ),
      onStroke: (stroke, sides) =>
        joined(
          tests.map(({ onStroke }, place) =>
            onStroke(stroke, sides.slice(...(own[place] ?? [0, 0]))),
          ),
          how,
        ),
    };
  },
});
