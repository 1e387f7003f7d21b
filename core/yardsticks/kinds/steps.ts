import { counted, partName, Sentence } from '../../sentences';
import { mixed, object, string } from 'yup';
import { stepEdges } from '../../statistics';
import { figure } from '../../values';
import { finishedOf, sayScope } from '../finished';
import { type Scope, scopeShape, withScope } from '../scope';
import { constantEdges, nothingFound, type YardstickKind } from './kind';

/** Bands with equally many figures in each: halves, quarters, fifths. */
export interface StepsDefinition {
  id: string;
  kind: 'steps';
  name: string;
  count: number;
  series: string;
  scope?: Scope;
}

export const steps: YardstickKind<StepsDefinition> = {
  kind: 'steps',
  drawnAs: 'band',
  sentence: withScope(
    Sentence.of<StepsDefinition>({ kind: 'steps' })
      .words('a set of ')
      .slot('count', counted('band', { from: 2, to: 20, first: 5 }))
      .words(' with equally many figures of ')
      .slot('series', partName('series'))
      .words(' in each'),
  ),
  schema: () =>
    object({
      id: string().required().max(40),
      kind: mixed<'steps'>().oneOf(['steps']).required(),
      name: string().required().trim().min(1).max(120),
      count: figure().integer().min(2).max(20).required(),
      series: string().required().max(40),
      ...scopeShape,
    }),
  named: ({ count }) => partNames[count] ?? `${count} steps`,
  heldAs: 'band',
  find: ({ count, series, scope }, context) => {
    const edges = stepEdges(finishedOf(context, series, scope), count);
    const bands = edges.slice(1).map((to, step) => ({
      from: edges[step] as number,
      to,
      shade: count < 2 ? 0 : step / (count - 1),
    }));
    const [lowest, highest] = [edges[0], edges.at(-1)];
    return {
      ...nothingFound,
      scope: `${count} steps ${sayScope(context, series, scope)}`,
      edges:
        lowest === undefined || highest === undefined
          ? null
          : constantEdges(context, lowest, highest),
      bands,
    };
  },
};

const partNames: Record<number, string> = {
  2: 'Halves',
  3: 'Thirds',
  4: 'Quarters',
  5: 'Fifths',
  6: 'Sixths',
  8: 'Eighths',
  10: 'Tenths',
};

/**
 * The step of each figure, from 1; one on an edge, within a relative 1e-9, belongs to the lower.
 * @param edges between the steps, ascending
 */
export function stepOf(value: number, edges: readonly number[]): number {
  const reached = edges.findIndex(
    (edge, place) => place > 0 && value <= edge + 1e-9 * Math.abs(edge),
  );
  return reached < 0 ? edges.length - 1 : reached;
}
