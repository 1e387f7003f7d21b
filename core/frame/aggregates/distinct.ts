import type { AggregateKind } from './aggregateKind';
import { forEachRow, gathered } from './perGroup';
import { presentIn } from './presentIn';

/** How many different figures, words or dates there are. */
export const distinct: AggregateKind<'distinct'> = {
  name: 'distinct',
  offered: 'count of different ones',
  noun: 'count of different',
  said: () => 'counted once each',
  ofNumbers: (groups, column) => gathered(groups, column, (sorted) => new Set(sorted).size),
  ofOthers: (groups, column) => {
    const codes = column?.kind === 'text' ? column.codes : column?.days;
    const present = presentIn(column);
    const seen = Array.from({ length: groups.count }, () => new Set<number>());
    forEachRow(groups, (row, group) => present(row) && seen[group]?.add(codes?.[row] ?? row));
    // Where nothing is to be counted, the count is missing, as it is for figures.
    return Float64Array.from(seen, (set) => set.size || NaN);
  },
};
