import type { AggregateKind } from './aggregateKind';
import { extremes } from './perGroup';

/** The least figure. */
export const lowest: AggregateKind<'min'> = {
  name: 'min',
  offered: 'lowest',
  noun: 'lowest',
  said: () => 'the lowest',
  ofNumbers: (groups, column) => extremes(groups, column, -1),
};
