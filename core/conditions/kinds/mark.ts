import { oneOf, Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import type { ConditionKind } from '../condition';

/** On the mark of the series, or off it. */
export interface MarkCondition {
  kind: 'mark';
  is: 'on' | 'off';
}

const words = {
  atLeast: { off: 'under', on: 'on or over' },
  atMost: { off: 'over', on: 'on or under' },
  within: { off: 'outside', on: 'within' },
};

export const markCondition: ConditionKind<MarkCondition> = {
  kind: 'mark',
  sentence: Sentence.of<MarkCondition>({ kind: 'mark' }).slot(
    'is',
    oneOf<MarkCondition['is']>([
      ['off', 'is off its mark'],
      ['on', 'is on its mark'],
    ]),
  ),
  schema: () =>
    object({
      kind: mixed<'mark'>().oneOf(['mark']).required(),
      is: mixed<'on' | 'off'>().oneOf(['on', 'off']).required(),
    }),
  byMark: true,
  say: ({ is }, { mark, good }) => (mark === '' ? `${is} the mark` : `${words[good][is]} ${mark}`),
  test: ({ is }, { judgements }) => ({
    // Where strokes cross the mark they are cut in any case.
    thresholds: [],
    edges: false,
    at: (place) => {
      const judgement = judgements[place] ?? null;
      return judgement === null ? null : judgement === is;
    },
    onStroke: ({ judgement }) => (judgement === null ? null : judgement === is),
  }),
};

/** Whether a condition catches what is off the mark: it is drawn heavier, beside its colour. */
export const isOffMark = (condition: { kind: string; is?: unknown }): boolean =>
  condition.kind === 'mark' && condition.is === 'off';
