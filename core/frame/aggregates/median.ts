import { percentileOfSorted } from '../../values';
import type { AggregateKind } from './aggregateKind';
import { gathered } from './perGroup';

/** The middle figure, or the mean of the two in the middle. */
export const median: AggregateKind<'median'> = {
  name: 'median',
  offered: 'median',
  noun: 'median',
  said: () => 'the median',
  divides: true,
  ofNumbers: (groups, column) =>
    gathered(groups, column, (sorted) => percentileOfSorted(sorted, 0.5)),
};
