import { mixed, object, string } from 'yup';
import { writeOrdinal } from '../../labels';
import { percentile } from '../../statistics';
import { figure } from '../../values';
import { finishedOf } from '../finished';
import { type Scope, scopeShape, withScope } from '../scope';
import { ordinal, partName, Sentence } from '../../sentences';
import type { EdgeKind } from './edge';

/** A percentile of the finished figures shown of a series. */
export interface PercentileEdge {
  kind: 'percentile';
  /** 0 to 100 */
  percent: number;
  series: string;
  scope?: Scope;
}

export const percentileEdge: EdgeKind<PercentileEdge> = {
  kind: 'percentile',
  schema: () =>
    object({
      kind: mixed<'percentile'>().oneOf(['percentile']).required(),
      percent: figure().min(0).max(100).required(),
      series: string().required().max(40),
      ...scopeShape,
    }),
  sentence: withScope(
    Sentence.of<PercentileEdge>({ kind: 'percentile' })
      .words('the ')
      .slot('percent', ordinal(writeOrdinal, { from: 0, to: 100, first: 90 }), 'Percentile')
      .words(' percentile of ')
      .slot('series', partName('series')),
  ),
  say: ({ percent }) => `${writeOrdinal(percent)} percentile`,
  by: () => 'between figures',
  find: ({ percent, series, scope }, context) => ({
    value: percentile(finishedOf(context, series, scope), percent / 100),
    exact: false,
  }),
};
