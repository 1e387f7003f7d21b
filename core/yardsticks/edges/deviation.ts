import { mixed, object, string } from 'yup';
import { mean, standardDeviation } from '../../statistics';
import { figure } from '../../values';
import { finishedOf } from '../finished';
import { type Scope, scopeShape, withScope } from '../scope';
import { between, counted, partName, Sentence, signed } from '../../sentences';
import type { EdgeKind } from './edge';

/** So many sample standard deviations over the mean, or under it. */
export interface DeviationEdge {
  kind: 'deviation';
  /** negative: under the mean */
  times: number;
  series: string;
  scope?: Scope;
}

const deviations = counted('deviation', { from: 0, to: 10, whole: false, first: 1 });

export const deviationEdge: EdgeKind<DeviationEdge> = {
  kind: 'deviation',
  schema: () =>
    object({
      kind: mixed<'deviation'>().oneOf(['deviation']).required(),
      times: figure().min(-10).max(10).required(),
      series: string().required().max(40),
      ...scopeShape,
    }),
  sentence: withScope(
    Sentence.of<DeviationEdge>({ kind: 'deviation' })
      .words('the mean of ')
      .slot('series', partName('series'))
      .slot(
        'times',
        signed(between(' less ', deviations), between(' plus ', deviations)),
        'How far',
      ),
  ),
  say: ({ times }) =>
    `${Math.abs(times)} standard deviation${Math.abs(times) === 1 ? '' : 's'} ${times < 0 ? 'under' : 'over'} the mean`,
  find: ({ times, series, scope }, context) => {
    const figures = finishedOf(context, series, scope);
    const [centre, deviation] = [mean(figures), standardDeviation(figures, 'sample')];
    return {
      value: centre === null || deviation === null ? null : centre + times * deviation,
      exact: false,
    };
  },
};
