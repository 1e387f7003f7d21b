import { number, ordinal, Sentence, ways } from '../../sentences';
import { mixed, object } from 'yup';
import { writeOrdinal } from '../../labels';
import { figure } from '../../values';
import type { PickKind } from '../pick';

/** The so many largest; ties go to the earlier period. */
export interface LargestPick {
  kind: 'largest';
  count: number;
  /** only the last of them: the third largest, not the three largest */
  only: boolean;
}

export const largest: PickKind<LargestPick> = {
  kind: 'largest',
  sentence: ways<LargestPick>(
    [
      ({ only }) => only,
      Sentence.of<LargestPick>({ kind: 'largest', only: true })
        .words('the ')
        .slot('count', ordinal(writeOrdinal, { from: 1, to: 50, whole: true, first: 3 }))
        .words(' largest'),
    ],
    [
      () => true,
      Sentence.of<LargestPick>({ kind: 'largest', only: false })
        .words('the ')
        .slot('count', number({ from: 1, to: 50, whole: true, first: 3 }))
        .words(' largest'),
    ],
  ),
  schema: () =>
    object({
      kind: mixed<'largest'>().oneOf(['largest']).required(),
      count: figure().integer().min(1).max(50).required(),
      only: mixed<boolean>().oneOf([true, false]).required(),
    }),
  say: ({ count, only }) => (only ? `largest but ${count - 1}` : `${count} largest`),
  pick: (candidates, { count, only }) =>
    [...candidates]
      .sort((a, b) => b.figure - a.figure || a.place - b.place || a.line - b.line)
      .slice(only ? count - 1 : 0, count),
};
