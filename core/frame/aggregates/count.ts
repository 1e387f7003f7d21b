import type { AggregateKind } from './aggregateKind';
import { countFigures, countRows } from './perGroup';
import { presentIn } from './presentIn';

/** How many rows have something in the column; without a column, how many rows there are. */
export const count: AggregateKind<'count'> = {
  name: 'count',
  offered: 'count',
  noun: 'count',
  said: () => 'counted',
  additive: true,
  ofNumbers: countFigures,
  ofOthers: (groups, column) => countRows(groups, presentIn(column)),
  ofRows: true,
};
