import { sumGroups } from '../sums';
import type { AggregateKind } from './aggregateKind';

/** The exact sum. */
export const sum: AggregateKind<'sum'> = {
  name: 'sum',
  offered: 'sum',
  noun: 'sum',
  said: () => 'summed',
  additive: true,
  ofNumbers: sumGroups,
};
