import { mixed, object, string } from 'yup';
import { maximum, mean, median, minimum } from '../../statistics';
import { finishedOf } from '../finished';
import { type Scope, scopeShape, withScope } from '../scope';
import { choice, partName, Sentence } from '../../sentences';
import type { EdgeKind } from './edge';

const statistics = { mean, median, lowest: minimum, highest: maximum };
export type Statistic = keyof typeof statistics;

/** A statistic of the finished figures shown of a series. */
export interface StatisticEdge {
  kind: 'statistic';
  statistic: Statistic;
  series: string;
  scope?: Scope;
}

const statisticNames = Object.keys(statistics) as Statistic[];

const statisticWords: Record<Statistic, string> = {
  mean: 'mean',
  median: 'median',
  lowest: 'lowest',
  highest: 'highest',
};

export const statisticEdge: EdgeKind<StatisticEdge> = {
  kind: 'statistic',
  schema: () =>
    object({
      kind: mixed<'statistic'>().oneOf(['statistic']).required(),
      statistic: mixed<Statistic>().oneOf(statisticNames).required(),
      series: string().required().max(40),
      ...scopeShape,
    }),
  sentence: withScope(
    Sentence.of<StatisticEdge>({ kind: 'statistic' })
      .words('the ')
      .slot('statistic', choice(statisticWords), 'Statistic')
      .words(' of ')
      .slot('series', partName('series')),
  ),
  say: ({ statistic }) => statistic,
  find: ({ statistic, series, scope }, context) => ({
    value: statistics[statistic](finishedOf(context, series, scope)),
    exact: statistic === 'lowest' || statistic === 'highest',
  }),
};
