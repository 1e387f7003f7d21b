import { between, choice, number, Sentence } from '../../sentences';
import { mixed, object } from 'yup';
import { difference, figure } from '../../values';
import { byFigure, type ConditionKind } from '../condition';

/** The change on the period before: its sign, or its size in %. */
export interface ChangeCondition {
  kind: 'change';
  is: 'up' | 'down';
  /** at least so many %; zero for any change that way */
  percent: number;
}

export const changeCondition: ConditionKind<ChangeCondition> = {
  kind: 'change',
  sentence: Sentence.of<ChangeCondition>({ kind: 'change' })
    .words('is ')
    .slot('is', choice({ up: 'up', down: 'down' }))
    .words(' on the period before')
    .option(
      'percent',
      0,
      between('by ', number({ from: 0, to: 100_000, first: 10 }), '% or more'),
      ' ',
    ),
  schema: () =>
    object({
      kind: mixed<'change'>().oneOf(['change']).required(),
      is: mixed<ChangeCondition['is']>().oneOf(['up', 'down']).required(),
      percent: figure().min(0).max(100_000).required(),
    }),
  say: ({ is, percent }) =>
    `${is} on the period before${percent > 0 ? ` by ${percent}% or more` : ''}`,
  test: ({ is, percent }, { line: { figures, open }, exact }) =>
    byFigure((place) => {
      const [now, before] = [figures[place] ?? null, figures[place - 1] ?? null];
      if (now === null || before === null || open[place - 1]) return null;
      const change = difference(now, before, exact) * (is === 'up' ? 1 : -1);
      return change > 0 && (percent === 0 || 100 * change >= percent * Math.abs(before));
    }),
};
