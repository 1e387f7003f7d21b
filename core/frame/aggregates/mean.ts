import { sumGroups } from '../sums';
import type { AggregateKind } from './aggregateKind';
import { countFigures } from './perGroup';

/** The arithmetic mean of what is not missing. */
export const mean: AggregateKind<'mean'> = {
  name: 'mean',
  offered: 'mean',
  noun: 'mean',
  said: () => 'the mean',
  divides: true,
  ofNumbers: (groups, column) => {
    const counted = countFigures(groups, column);
    return sumGroups(groups, column).map((sum, group) => sum / (counted[group] as number));
  },
};
