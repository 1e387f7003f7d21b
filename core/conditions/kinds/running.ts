import { choice, ordinal, Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import { writeOrdinal } from '../../labels';
import { figure } from '../../values';
import { byFigure, type ConditionKind } from '../condition';

/** From the nth finished period in a row on or off the mark. */
export interface RunningCondition {
  kind: 'running';
  is: 'on' | 'off';
  nth: number;
}

export const runningCondition: ConditionKind<RunningCondition> = {
  kind: 'running',
  sentence: Sentence.of<RunningCondition>({ kind: 'running' })
    .words('is ')
    .slot('is', choice({ off: 'off', on: 'on' }))
    .words(' its mark for the ')
    .slot('nth', ordinal(writeOrdinal, { from: 2, to: 400, whole: true, first: 3 }))
    .words(' period running'),
  schema: () =>
    object({
      kind: mixed<'running'>().oneOf(['running']).required(),
      is: mixed<RunningCondition['is']>().oneOf(['on', 'off']).required(),
      nth: figure().integer().min(2).max(400).required(),
    }),
  byMark: true,
  say: ({ is, nth }, { mark }) =>
    `${is} ${mark || 'the mark'} for the ${writeOrdinal(nth)} period running`,
  test: ({ is, nth }, { judgements }) => {
    let run = 0;
    const runs = judgements.map((judgement) => (run = judgement === is ? run + 1 : 0));
    return byFigure((place) =>
      (judgements[place] ?? null) === null ? null : (runs[place] ?? 0) >= nth,
    );
  },
};
