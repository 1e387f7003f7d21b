import { type ISchema, lazy, mixed } from 'yup';
import type { ConditionContext, ConditionKind, Names, Test } from '../condition';
import { type CalendarCondition, calendarCondition } from './calendar';
import { type ChangeCondition, changeCondition } from './change';
import { type DatesCondition, datesCondition } from './dates';
import { type MarkCondition, markCondition } from './mark';
import { type RunningCondition, runningCondition } from './running';
import { type SeriesCondition, seriesCondition } from './series';
import { type SeveralCondition, severalCondition } from './several';
import { type ValueCondition, valueCondition } from './value';
import { type WithinCondition, withinCondition } from './within';
import { type YardstickCondition, yardstickCondition } from './yardstick';

/** What a figure must meet to be caught by a colour rule, or picked out. */
export type ConditionDefinition =
  | MarkCondition
  | ValueCondition
  | SeriesCondition
  | YardstickCondition
  | WithinCondition
  | ChangeCondition
  | RunningCondition
  | CalendarCondition
  | DatesCondition
  | SeveralCondition<ConditionDefinition>;

/** A condition in words, as the end of a sentence. */
export const sayCondition = (definition: ConditionDefinition, names: Names): string =>
  conditionKind(definition).say(definition, names);

/** What a condition tells of a line. */
export const testCondition = (definition: ConditionDefinition, context: ConditionContext): Test =>
  conditionKind(definition).test(definition, context);

export const conditionSchema = lazy(
  (value: ConditionDefinition | undefined) =>
    (conditionKinds.find(({ kind }) => kind === value?.kind)?.schema as ReturnType<
      typeof mixed<ConditionDefinition>
    >) ?? mixed<ConditionDefinition>().test('kind', 'There is no such condition.', () => false),
);

/** All kinds, in the order in which they are offered. */
export const conditionKinds = [
  markCondition,
  valueCondition,
  seriesCondition,
  yardstickCondition,
  withinCondition,
  changeCondition,
  runningCondition,
  calendarCondition,
  datesCondition,
  severalCondition({
    schema: () => conditionSchema,
    say: sayCondition,
    test: testCondition,
  }),
] as unknown as readonly (ConditionKind<ConditionDefinition> & { schema: ISchema<unknown> })[];

/** The kind of a condition: its schema, its words and what it tells. */
export const conditionKind = ({ kind }: Pick<ConditionDefinition, 'kind'>) =>
  conditionKinds.find((each) => each.kind === kind) as ConditionKind<ConditionDefinition>;
