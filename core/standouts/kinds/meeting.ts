import { between, Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import {
  conditionEntry,
  type ConditionDefinition,
  conditionSchema,
  sayCondition,
} from '../../conditions';
import type { PickKind } from '../pick';

/** All points that meet a condition. */
export interface MeetingPick {
  kind: 'meeting';
  condition: ConditionDefinition;
}

export const meeting: PickKind<MeetingPick> = {
  kind: 'meeting',
  sentence: Sentence.of<MeetingPick>({ kind: 'meeting' })
    .words('each point that ')
    .slot('condition', between('(', conditionEntry, ')')),
  schema: () =>
    object({
      kind: mixed<'meeting'>().oneOf(['meeting']).required(),
      condition: conditionSchema,
    }),
  say: ({ condition }, names) => `points ${sayCondition(condition, names)}`,
  pick: (candidates, _, { meets }) => candidates.filter(meets),
};
