import type { AggregateKind } from './aggregateKind';
import { byDate } from './perGroup';

/** The last figure by date, then by row: a closing balance. */
export const last: AggregateKind<'last'> = {
  name: 'last',
  offered: 'last (a closing balance)',
  noun: 'last',
  said: () => 'the last',
  ofNumbers: (groups, column) => byDate(groups, column, 'last'),
};
