import { type DefinitionOf, registry } from '../../registry';
import { ofKind } from '../../sentences';
import type { YardstickContext } from '../context';
import { sayScope } from '../finished';
import type { EdgeKind, EdgeNames, FoundEdge } from './edge';
import { all } from './listed';

export type { FoundEdge };

/** A value on an axis: where a line stands, or a band begins or ends. */
export type Edge = DefinitionOf<(typeof all)[number]>;

const { kinds: edgeKinds, of: kindOf, schema: edgeSchema } = registry<EdgeKind<Edge>>('value', all);
export { edgeKinds, edgeSchema };

/** An edge in a sentence. */
export const edgeEntry = ofKind<Edge>(edgeKinds);

/**
 * Finds the value of an edge from what is drawn.
 * @param context the lines drawn, where dials stand, and the scope
 */
export const findEdge = (edge: Edge, context: YardstickContext): FoundEdge =>
  kindOf(edge).find(edge, context);

/**
 * An edge in words, without what it is of: the mean, 2 standard deviations over the mean, 40.
 * @param names of dials, by their ids
 */
export const sayEdge = (edge: Edge, names: EdgeNames = () => 'a dial'): string =>
  kindOf(edge).say(edge, names);

/**
 * What edges have been found from, in words; empty when all of them were written.
 * @param edges of one yardstick
 * @param context what is drawn, and names
 */
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
  const definitions = new Set(edges.flatMap((edge) => kindOf(edge).by?.(edge) ?? []));
  const by = [...definitions].map((each) => `, ${each}`).join('');
  return `${words.join(' to ')}${one && ` ${one}`}${by}`;
}
