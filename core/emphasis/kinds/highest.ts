import { mixed, object } from 'yup';
import { choice, number, Sentence } from '../../sentences';
import { figure } from '../../values';
import type { EmphasisKind } from '../emphasis';

/** The so many whose last finished figure is the highest, or the lowest; of equal ones the earlier. */
export interface HighestEmphasis {
  kind: 'highest';
  count: number;
  end: 'highest' | 'lowest';
}

export const highest: EmphasisKind<HighestEmphasis> = {
  kind: 'highest',
  sentence: Sentence.of<HighestEmphasis>({ kind: 'highest' })
    .words('opens with the ')
    .slot('count', number({ from: 1, to: 40, whole: true, first: 3 }))
    .words(' ')
    .slot('end', choice({ highest: 'highest lines', lowest: 'lowest lines' })),
  schema: () =>
    object({
      kind: mixed<'highest'>().oneOf(['highest']).required(),
      count: figure().integer().min(1).max(40).required(),
      end: mixed<HighestEmphasis['end']>().oneOf(['highest', 'lowest']).required(),
    }),
  find: ({ count, end }, all) => {
    const known = all.flatMap(({ id, figures, open }) => {
      const last = figures.findLast((figure, place) => figure !== null && !open[place]) ?? null;
      return last === null ? [] : [{ id, last }];
    });
    const way = end === 'highest' ? -1 : 1;
    return known
      .sort((one, other) => way * (one.last - other.last))
      .slice(0, count)
      .map(({ id }) => id);
  },
};
