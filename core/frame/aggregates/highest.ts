import type { AggregateKind } from './aggregateKind';
import { extremes } from './perGroup';

/** The greatest figure. */
export const highest: AggregateKind<'max'> = {
  name: 'max',
  offered: 'highest',
  noun: 'highest',
  said: () => 'the highest',
  ofNumbers: (groups, column) => extremes(groups, column, 1),
};
