import type { AggregateKind } from './aggregateKind';
import { byDate } from './perGroup';

/** The first figure by date, then by row. */
export const first: AggregateKind<'first'> = {
  name: 'first',
  offered: 'first',
  noun: 'first',
  said: () => 'the first',
  ofNumbers: (groups, column) => byDate(groups, column, 'first'),
};
