import { mixed, object, string } from 'yup';
import { between, number, partName, Sentence } from '../../../core/sentences';
import { figure } from '../../../core/values';
import {
  constantEdges,
  nothingFound,
  type YardstickKind,
} from '../../../core/yardsticks/kinds/kind';
import { finishedOf } from '../../../core/yardsticks/finished';

/** A line so many % over the highest finished figure shown. */
interface OverHighest {
  id: string;
  kind: 'overHighest';
  name: string;
  percent: number;
  series: string;
}

export const overHighest: YardstickKind<OverHighest> = {
  kind: 'overHighest',
  drawnAs: 'level',
  sentence: Sentence.of<OverHighest>({ kind: 'overHighest' })
    .words('a line ')
    .slot('percent', between('', number({ from: 0, to: 1000, first: 10 }), '%'))
    .words(' over the highest of ')
    .slot('series', partName('series')),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'overHighest'>().oneOf(['overHighest']).required(),
      name: string().required().max(120),
      percent: figure().min(0).max(1000).required(),
      series: string().required().max(40),
    }),
  named: () => 'Headroom',
  heldAs: 'level',
  find: ({ percent, series }, context) => {
    const value = Math.max(...finishedOf(context, series)) * (1 + percent / 100);
    return {
      ...nothingFound,
      value,
      exact: false,
      levels: [value],
      edges: constantEdges(context, value, value),
    };
  },
};
