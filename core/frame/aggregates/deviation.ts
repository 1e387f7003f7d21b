import { standardDeviation } from '../../statistics';
import type { AggregateKind } from './aggregateKind';
import { gathered } from './perGroup';

/** The standard deviation of a sample. */
export const deviation: AggregateKind<'deviation'> = {
  name: 'deviation',
  offered: 'standard deviation',
  noun: 'deviation',
  said: () => 'the standard deviation',
  divides: true,
  // One row has none.
  ofNumbers: (groups, column) =>
    gathered(groups, column, (rows) => standardDeviation([...rows], 'sample') ?? NaN),
};
