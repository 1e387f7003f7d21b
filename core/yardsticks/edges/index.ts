import { lazy, mixed } from 'yup';
import type { YardstickContext } from '../context';
import { sayScope } from '../finished';
import { type DialEdge, dialEdge } from './dial';
import { type DeviationEdge, deviationEdge } from './deviation';
import type { EdgeKind, EdgeNames, FoundEdge } from './edge';
import { type NumberEdge, numberEdge } from './number';
import { type PercentileEdge, percentileEdge } from './percentile';
import { type StatisticEdge, statisticEdge, statisticNames } from './statistic';

/** A value on an axis: where a line stands, or a band begins or ends. */
export type Edge = NumberEdge | StatisticEdge | PercentileEdge | DeviationEdge | DialEdge;
export type { FoundEdge };
export { statisticNames };

/** All kinds, in the order in which they are offered. */
export const edgeKinds = [
  numberEdge,
  statisticEdge,
  percentileEdge,
  deviationEdge,
  dialEdge,
] as unknown as readonly EdgeKind<Edge>[];

const kindOf = ({ kind }: Pick<Edge, 'kind'>) =>
  edgeKinds.find((each) => each.kind === kind) as EdgeKind<Edge>;

/** Finds the value of an edge from what is drawn. */
export const findEdge = (edge: Edge, context: YardstickContext): FoundEdge =>
  kindOf(edge).find(edge, context);

/** An edge in words, without what it is of: the mean, 2 standard deviations over the mean, 40. */
export const sayEdge = (edge: Edge, names: EdgeNames = () => 'a dial'): string =>
  kindOf(edge).say(edge, names);

/** What edges have been found from, in words; empty when all of them were written. */
export function sayEdges(edges: readonly Edge[], context: YardstickContext): string {
  const found = edges.filter((edge) => 'series' in edge);
  const [first] = found;
  if (!first) return edges.some(({ kind }) => kind === 'dial') ? 'set by a dial' : '';
  const scopes = found.map(({ series, scope }) => sayScope(context, series, scope));
  const one = new Set(scopes).size === 1 ? (scopes[0] as string) : '';
  const words = edges.map((edge) => {
    const of =
      one === '' && 'series' in edge ? ` ${sayScope(context, edge.series, edge.scope)}` : '';
    return `${sayEdge(edge)}${of}`;
  });
  return `${words.join(' to ')}${one && ` ${one}`}`;
}

export const edgeSchema = lazy(
  (value: Edge | undefined) =>
    edgeKinds.find(({ kind }) => kind === value?.kind)?.schema ??
    mixed<Edge>().test('kind', 'There is no such value.', () => false),
);
