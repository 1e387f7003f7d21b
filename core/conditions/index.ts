export type { StrokePlace, ConditionContext, ConditionKind, Names, Test } from './condition';
export {
  type ConditionDefinition,
  conditionEntry,
  conditionKind,
  conditionKinds,
  conditionSchema,
  sayCondition,
  testCondition,
} from './kinds';
export { isOffMark } from './kinds/mark';
export { isWithin } from './kinds/within';
