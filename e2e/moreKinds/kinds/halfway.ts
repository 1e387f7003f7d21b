import { mixed, object, string } from 'yup';
import { partName, Sentence } from '../../../core/sentences';
import type { EdgeKind } from '../../../core/yardsticks/edges/edge';
import { finishedOf } from '../../../core/yardsticks/finished';

/** Halfway between the lowest and the highest finished figure. */
interface HalfwayEdge {
  kind: 'halfway';
  series: string;
}

export const halfway: EdgeKind<HalfwayEdge> = {
  kind: 'halfway',
  schema: () =>
    object({
      kind: mixed<'halfway'>().oneOf(['halfway']).required(),
      series: string().required().max(40),
    }),
  sentence: Sentence.of<HalfwayEdge>({ kind: 'halfway' })
    .words('the middle of all figures of ')
    .slot('series', partName('series')),
  say: () => 'middle of all figures',
  find: ({ series }, context) => {
    const figures = finishedOf(context, series);
    return { value: (Math.min(...figures) + Math.max(...figures)) / 2, exact: false };
  },
};
