import { mixed, object, string } from 'yup';
import { mean, standardDeviation } from '../../statistics';
import { figure } from '../../values';
import { finishedOf } from '../finished';
import { type Scope, scopeShape, withScope } from '../scope';
import { between, counted, partName, said, Sentence, signed } from '../../sentences';
import type { EdgeKind } from './edge';

/** So many standard deviations over the mean, or under it. */
export interface DeviationEdge {
  kind: 'deviation';
  /** negative: under the mean */
  times: number;
  series: string;
  scope?: Scope;
  /** of all there are, rather than of a sample of them */
  population?: true;
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
      population: mixed<true>().oneOf([true]).optional(),
    }),
  sentence: withScope(
    Sentence.of<DeviationEdge>({ kind: 'deviation' })
      .words('the mean of ')
      .slot('series', partName('series'))
      .slot(
        'times',
        signed(between(' less ', deviations), between(' plus ', deviations)),
        'How far',
      )
      .option('population', undefined, said(true, 'deviations of a population')),
  ),
  say: ({ times }) =>
    `${Math.abs(times)} standard deviation${Math.abs(times) === 1 ? '' : 's'} ${times < 0 ? 'under' : 'over'} the mean`,
  by: ({ population }) => (population ? 'deviation of a population' : 'deviation of a sample'),
  find: ({ times, series, scope, population }, context) => {
    const figures = finishedOf(context, series, scope);
    const of = population ? 'population' : 'sample';
    const [centre, deviation] = [mean(figures), standardDeviation(figures, of)];
    return {
      value: centre === null || deviation === null ? null : centre + times * deviation,
      exact: false,
    };
  },
};
