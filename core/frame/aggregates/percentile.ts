import { writeOrdinal } from '../../labels';
import { percentileOfSorted } from '../../values';
import type { AggregateKind } from './aggregateKind';
import { gathered } from './perGroup';

/** A percentile by linear interpolation between closest ranks (Hyndman and Fan 1996, type 7). */
export const percentile: AggregateKind<'percentile'> = {
  name: 'percentile',
  offered: 'percentile',
  noun: 'percentile',
  said: (percent) => `the ${writeOrdinal(percent)} percentile`,
  divides: true,
  percent: true,
  ofNumbers: (groups, column, percent) =>
    gathered(groups, column, (sorted) => percentileOfSorted(sorted, percent / 100)),
};
